package org.zeroply.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongConsumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.session.AutoSave;
import org.zeroply.desktop.session.Services;
import org.zeroply.desktop.session.TreeSession;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.library.store.SheetKind;
import org.zeroply.library.store.SheetQuery;
import org.zeroply.library.store.SheetRow;

/** Exercises: the marking scheme on the line sheet, with points and conditions. */
public final class ExercisesDesk implements Desk {

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final AutoSave autoSave;
    private final LineSheetView sheet = new LineSheetView(session, true);
    private final CandidatesView candidates;
    private final AnnotationBar annotations;
    private final SchemeEditor scheme;
    private final ObservableList<SheetRow> rows = FXCollections.observableArrayList();
    private final TableView<SheetRow> table = new TableView<>(rows);
    private final VBox content = new VBox();

    /**
     * @param solve called with the id of the exercise to solve
     */
    public ExercisesDesk(Services services, LongConsumer solve) {
        this.services = services;
        this.autoSave = new AutoSave(services, session, this::reload);
        this.candidates = new CandidatesView(services.live(), session);
        this.annotations = new AnnotationBar(session, services.background());
        this.scheme = new SchemeEditor(session, services.background());
        content.getStyleClass().add("desk");
        content.setId("exercises-desk");
        table.setId("exercises-table");
        table.setPrefHeight(130);
        table.setMinHeight(100);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(
                new Label("No exercises yet. Go to a position of a game and set it as exercise."));
        Widgets.column(table, "Exercise", 240, SheetRow::title);
        Widgets.column(table, "White", 140, SheetRow::white);
        Widgets.column(table, "Black", 140, SheetRow::black);
        Widgets.column(table, "Date", 90, SheetRow::date);
        table.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, row) -> {
                            if (row != null && !session.id().equals(OptionalLong.of(row.id()))) {
                                open(row.id());
                            }
                        });
        VBox.setVgrow(sheet, Priority.ALWAYS);
        content.getChildren()
                .addAll(
                        table,
                        Widgets.row(
                                Widgets.label("Marking scheme", "sheet-title"),
                                Widgets.spacer(),
                                Widgets.button(
                                        "solve",
                                        "Have it solved",
                                        () -> {
                                            flush();
                                            session.id().ifPresent(solve);
                                        })),
                        sheet,
                        scheme,
                        annotations,
                        candidates);
    }

    /** Opens an exercise of the library. */
    public void open(long id) {
        flush();
        services.background()
                .library(
                        () -> services.library().sheets().load(id),
                        tree -> {
                            flush();
                            session.open(tree, OptionalLong.of(id));
                            reload();
                        });
    }

    private void reload() {
        services.background()
                .library(
                        () -> services.library().sheets().find(SheetQuery.all(SheetKind.EXERCISE)),
                        found -> {
                            rows.setAll(found);
                            rows.stream()
                                    .filter(r -> session.id().equals(OptionalLong.of(r.id())))
                                    .findFirst()
                                    .ifPresentOrElse(
                                            r -> table.getSelectionModel().select(r),
                                            () -> table.getSelectionModel().selectFirst());
                        });
    }

    @Override
    public String name() {
        return "Exercises";
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public Optional<Region> underBoard() {
        return Optional.of(scheme.about());
    }

    @Override
    public TreeSession session() {
        return session;
    }

    @Override
    public boolean isOpenBook() {
        return session.id().isPresent();
    }

    @Override
    public void shown() {
        reload();
    }

    @Override
    public void flush() {
        annotations.commit();
        autoSave.flush();
    }

    @Override
    public void setPalette(Palette palette) {
        sheet.setPalette(palette);
        candidates.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>();
        commands.add(new Command("Type a move", "Enter", annotations::typeMove));
        commands.addAll(candidates.commands());
        return commands;
    }
}
