package org.zeroply.desktop.games;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.AnnotationBar;
import org.zeroply.desktop.sheet.CandidatesView;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.work.AutoSave;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.store.SheetKind;
import org.zeroply.library.store.SheetQuery;
import org.zeroply.library.store.SheetRow;
import org.zeroply.library.store.SheetStore;

/** Games: find one, replay it, work out lines with the engine beside them. */
public final class GamesDesk implements Desk {

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final AutoSave autoSave;
    private final LineSheetView sheet = new LineSheetView(session, false);
    private final CandidatesView candidates;
    private final AnnotationBar annotations;
    private final TextField search = new TextField();
    private final ComboBox<String> result = new ComboBox<>();
    private final ComboBox<SheetKind> kind = new ComboBox<>();
    private final ObservableList<SheetRow> rows = FXCollections.observableArrayList();
    private final TableView<SheetRow> table = new TableView<>(rows);
    private final Label title = Widgets.label("New analysis", "sheet-title");
    private final VBox content = new VBox();
    private final Consumer<Long> openExercise;
    private long reloads;

    /**
     * @param openExercise called with the id of an exercise that was just set
     * @param actions buttons that the window adds to the toolbar
     */
    public GamesDesk(
            Services services, Consumer<Long> openExercise, List<javafx.scene.Node> actions) {
        this.services = services;
        this.openExercise = openExercise;
        this.autoSave = new AutoSave(services, session, this::reload);
        this.candidates = new CandidatesView(services.live(), session);
        this.annotations = new AnnotationBar(session, services.background());
        content.getStyleClass().add("desk");
        content.setId("games-desk");
        VBox.setVgrow(sheet, Priority.ALWAYS);
        buildTable();
        HBox heading =
                Widgets.row(
                        title,
                        Widgets.spacer(),
                        Widgets.button("set-exercise", "Set as exercise", this::setAsExercise));
        content.getChildren()
                .addAll(toolbar(actions), table, heading, sheet, annotations, candidates);
    }

    private HBox toolbar(List<javafx.scene.Node> actions) {
        search.setId("search");
        search.setPromptText("Search names, events, dates");
        search.setAccessibleText("Search games");
        HBox.setHgrow(search, Priority.ALWAYS);
        search.textProperty().addListener(o -> reload());
        kind.setId("kind");
        kind.getItems().addAll(SheetKind.GAME, SheetKind.ANALYSIS);
        kind.setValue(SheetKind.GAME);
        Widgets.texts(kind, item -> item == SheetKind.GAME ? "Games" : "Analyses");
        kind.valueProperty().addListener(o -> reload());
        result.setId("result-filter");
        result.getItems().addAll("any result", "1-0", "0-1", "1/2-1/2", "*");
        result.setValue("any result");
        result.valueProperty().addListener(o -> reload());
        HBox bar = Widgets.row(search, kind, result);
        bar.getChildren().addAll(actions);
        return bar;
    }

    private void buildTable() {
        table.setId("games-table");
        table.setPrefHeight(186);
        table.setMinHeight(162);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(
                new Label("No games here yet. Import a PGN file, paste a game, or drop a file."));
        Widgets.column(table, "White", 150, r -> name(r.white(), r.whiteElo(), r.title()));
        Widgets.column(table, "Black", 150, r -> name(r.black(), r.blackElo(), ""));
        Widgets.column(table, "Result", 62, r -> r.result().replace("1/2-1/2", "½–½"));
        Widgets.column(table, "Moves", 58, r -> String.valueOf((r.plies() + 1) / 2));
        Widgets.column(table, "Date", 88, SheetRow::date);
        Widgets.column(table, "Event", 140, SheetRow::event);
        table.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, row) -> {
                            if (row != null && !session.id().equals(OptionalLong.of(row.id()))) {
                                open(row.id());
                            }
                        });
    }

    private static String name(String player, int elo, String otherwise) {
        if (player.isEmpty()) {
            return otherwise;
        }
        return elo > 0 ? player + "  " + elo : player;
    }

    /** Reads the list again with the present filters. */
    public void reload() {
        long number = ++reloads;
        String wanted = result.getValue().startsWith("any") ? "" : result.getValue();
        SheetQuery query = new SheetQuery(kind.getValue(), search.getText(), wanted, 0);
        services.background()
                .library(
                        () -> services.library().sheets().find(query),
                        found -> {
                            if (number == reloads) {
                                rows.setAll(found);
                                select();
                            }
                        });
    }

    private void select() {
        rows.stream()
                .filter(r -> session.id().equals(OptionalLong.of(r.id())))
                .findFirst()
                .ifPresent(r -> table.getSelectionModel().select(r));
    }

    /** Opens a sheet of the library. */
    public void open(long id) {
        flush();
        services.background()
                .library(
                        () -> services.library().sheets().load(id),
                        tree -> show(tree, OptionalLong.of(id)));
    }

    private void show(MoveTree tree, OptionalLong id) {
        flush();
        session.open(tree, id);
        String white = tree.tag("White");
        title.setText(
                white.isEmpty() || white.equals("?")
                        ? "Analysis"
                        : white + " – " + tree.tag("Black") + "   " + tree.result());
        select();
    }

    /** Starts an analysis of a position. */
    public void analyse(Position position) {
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        editor.tag(SheetStore.SHEET_TAG, SheetKind.ANALYSIS.word());
        editor.tag("Event", "Analysis");
        kind.setValue(SheetKind.ANALYSIS);
        show(editor.tree(), OptionalLong.empty());
    }

    /** Opens the newest game, as after an import. */
    public void openNewest() {
        kind.setValue(SheetKind.GAME);
        services.background()
                .library(
                        () -> services.library().sheets().find(SheetQuery.all(SheetKind.GAME)),
                        found -> {
                            rows.setAll(found);
                            if (!found.isEmpty()) {
                                table.getSelectionModel().select(0);
                                table.scrollTo(0);
                            }
                        });
    }

    /** Makes an exercise of the position on the board, with the lines that go on from it. */
    public void setAsExercise() {
        annotations.commit();
        Node from = session.current();
        TreeEditor editor = new TreeEditor(new MoveTree(from.position()));
        editor.graft(editor.tree().root(), from);
        Exercise.mark(editor, "calculation");
        for (String tag : List.of("White", "Black", "Date")) {
            editor.tag(tag, session.tree().tag(tag));
        }
        editor.tag("ZpTitle", "Exercise from " + exerciseSource());
        String pgn = PgnWriter.write(editor.tree());
        services.background().library(() -> services.library().sheets().add(pgn), openExercise);
    }

    private String exerciseSource() {
        String white = session.tree().tag("White");
        return white.isEmpty() || white.equals("?")
                ? "an analysis"
                : white + " – " + session.tree().tag("Black");
    }

    @Override
    public String name() {
        return "Games";
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return session;
    }

    @Override
    public boolean isOpenBook() {
        return true;
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
        commands.add(new Command("Search games", "Shortcut+F", search::requestFocus));
        commands.add(new Command("Set as exercise", "Shortcut+E", this::setAsExercise));
        return commands;
    }
}
