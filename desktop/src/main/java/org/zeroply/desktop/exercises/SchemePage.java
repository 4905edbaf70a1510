package org.zeroply.desktop.exercises;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongConsumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.desktop.board.Palette;
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

/** The exercises of the library, and the marking scheme of the open one on the line sheet. */
final class SchemePage extends VBox {

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final AutoSave autoSave;
    private final LineSheetView sheet = new LineSheetView(session, true);
    private final CandidatesView candidates;
    private final AnnotationBar annotations;
    private final SchemeEditor scheme;
    private final ObservableList<SheetRow> rows = FXCollections.observableArrayList();
    private final TableView<SheetRow> table = new TableView<>(rows);

    /**
     * @param solve called with the id of the exercise to solve
     */
    SchemePage(Services services, LongConsumer solve) {
        super(8);
        this.services = services;
        this.autoSave = new AutoSave(services, session, this::reload);
        this.candidates = new CandidatesView(services.live(), session);
        this.annotations = new AnnotationBar(session, services.background());
        this.scheme = new SchemeEditor(session, services.background());
        table.setId("exercises-table");
        table.setPrefHeight(122);
        table.setMinHeight(96);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(
                new Label(
                        "No exercises yet. Press Find, or go to a position of a game and set it as"
                                + " exercise."));
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
        getChildren()
                .addAll(
                        table,
                        Widgets.row(
                                Widgets.label("Marking scheme", "sheet-title"),
                                Widgets.spacer(),
                                Widgets.button("draft-branch", "Draft from here", this::draft),
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

    TreeSession session() {
        return session;
    }

    SchemeEditor scheme() {
        return scheme;
    }

    AnnotationBar annotations() {
        return annotations;
    }

    CandidatesView candidates() {
        return candidates;
    }

    void open(long id) {
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

    /** Takes over what was changed elsewhere, such as a line granted from an answer. */
    void shown() {
        reload();
        if (session.id().isEmpty()) {
            return;
        }
        long id = session.id().getAsLong();
        services.background()
                .library(
                        () -> services.library().sheets().load(id),
                        tree -> {
                            boolean same =
                                    PgnWriter.write(tree).equals(PgnWriter.write(session.tree()));
                            if (!same && session.id().equals(OptionalLong.of(id))) {
                                session.open(tree, OptionalLong.of(id));
                            }
                        });
    }

    void reload() {
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

    void flush() {
        annotations.commit();
        autoSave.flush();
    }

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
        candidates.setPalette(palette);
    }

    // ---- Drafting -------------------------------------------------------------------------------

    /** Drafts the whole scheme while it has no moves, else what follows the chosen move. */
    void draft() {
        Node node = session.current();
        if (session.id().isEmpty()) {
            services.background().say("Open an exercise first.");
        } else if (session.tree().root().children().isEmpty()) {
            whole();
        } else if (node.isRoot()) {
            services.background()
                    .say("Choose the move after which everything is to be drafted anew.");
        } else {
            draftAfter(node);
        }
    }

    private void whole() {
        MoveTree tree = session.tree();
        services.background()
                .<Optional<MoveTree>>longWork(
                        "Drafting the scheme",
                        (cancellation, progress) ->
                                services.drafter()
                                        .draft(
                                                tree.start(),
                                                List.of(),
                                                progress::accept,
                                                cancellation),
                        drafted -> drafted.ifPresent(d -> take(tree, d)));
    }

    private void take(MoveTree into, MoveTree drafted) {
        if (session.tree() != into || !into.root().children().isEmpty()) {
            services.background().say("The exercise was changed meanwhile; the draft is left out.");
            return;
        }
        TreeEditor editor = session.editor();
        editor.together(
                () -> {
                    editor.graft(into.root(), drafted.root());
                    drafted.tags()
                            .forEach(
                                    (name, value) -> {
                                        if (into.tag(name).isEmpty()) {
                                            editor.tag(name, value);
                                        }
                                    });
                });
        services.background().say("Drafted; change lines and points as you like.");
    }

    /** Drafts what follows a move anew; all other lines stay as they are. */
    void draftAfter(Node node) {
        MoveTree tree = session.tree();
        MoveTree copy = tree.copy();
        Node twin = copy.follow(MoveTree.address(node));
        services.background()
                .<Optional<MoveTree>>longWork(
                        "Drafting this branch",
                        (cancellation, progress) ->
                                services.drafter()
                                        .branch(copy, twin, progress::accept, cancellation),
                        drafted ->
                                drafted.ifPresentOrElse(
                                        d -> replace(tree, node, d),
                                        () ->
                                                services.background()
                                                        .say(
                                                                "Nothing is to be found after this"
                                                                        + " move; it stays as it"
                                                                        + " is.")));
    }

    private void replace(MoveTree tree, Node node, MoveTree drafted) {
        boolean there = session.tree() == tree && tree.nodes().contains(node);
        if (!there) {
            services.background().say("The exercise was changed meanwhile; the draft is left out.");
            return;
        }
        session.editor().replaceRest(node, drafted.root());
        services.background().say("This branch is drafted anew; all other lines are as they were.");
    }
}
