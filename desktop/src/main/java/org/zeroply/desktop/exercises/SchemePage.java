package org.zeroply.desktop.exercises;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongConsumer;
import javafx.geometry.Orientation;
import javafx.scene.control.Button;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.AnnotationBar;
import org.zeroply.desktop.sheet.CandidatesView;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.sheet.MoveCommands;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.AutoSave;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;

/** The exercises of the library, and the marking scheme of the open one on the line sheet. */
final class SchemePage extends VBox {

    private static final double ROW = 26;
    private static final double HEADER = 30;
    private static final int LISTED = 3;

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final AutoSave autoSave;
    private final LineSheetView sheet = new LineSheetView(session, true);
    private final CandidatesView candidates;
    private final AnnotationBar annotations;
    private final SchemeEditor scheme;
    private final RowTable<SheetRow> table =
            new RowTable<SheetRow>(
                            "exercises-table",
                            SheetRow::id,
                            Texts.of("exercises.no-exercises-yet-look-through-your"))
                    .several();
    private final Removal removal;
    private final LongConsumer onSolve;

    /**
     * @param solve called with the id of the exercise to solve
     */
    SchemePage(Services services, LongConsumer solve) {
        super(8);
        onSolve = solve;
        this.services = services;
        this.autoSave = new AutoSave(services, session, this::reload);
        this.candidates = new CandidatesView(services.live(), session);
        this.annotations = new AnnotationBar(session, services.messages());
        this.scheme = new SchemeEditor(session, services.messages());
        removal = Removal.ofSheets(services, session, session::clear, this::open, this::reload);
        autoSave.onReopen(this::open);
        table.text(Texts.of("exercises.exercise"), 220, SheetRow::title);
        table.text(Texts.of("exercises.white"), 120, row -> row.heading().white());
        table.text(Texts.of("exercises.black"), 120, row -> row.heading().black());
        table.text(Texts.of("exercises.date"), 92, row -> row.heading().date());
        table.onChoose(
                row -> {
                    if (!session.isOpen(row.id())) {
                        open(row.id());
                    }
                });
        table.onOpen(row -> sheet.requestFocus());
        table.onRemove(this::remove);
        table.onMenu(
                chosen ->
                        List.of(
                                Command.of(
                                        Texts.of("exercises.have-it-solved"), () -> solve(solve)),
                                Command.of(Texts.of("exercises.draft-from-here"), this::draft),
                                Menus.LINE,
                                new Command(
                                        Texts.of("exercises.remove"),
                                        "Delete",
                                        () -> remove(chosen))));
        sheet.onMenu(new MoveCommands(session, services.messages())::menu);
        sheet.setMinHeight(70);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        VBox written = new VBox(6, sheet, scheme, annotations);
        Split edited = candidates.under(written, services.memory(), "exercises.sheet");
        VBox below =
                new VBox(
                        8,
                        scheme.about(),
                        Widgets.row(
                                Widgets.label(Texts.of("exercises.marking-scheme"), "fact-group"),
                                Widgets.spacer(),
                                Widgets.quiet(
                                        "draft-branch",
                                        Texts.of("exercises.draft-from-here"),
                                        this::draft)),
                        edited);
        Split whole =
                new Split(
                        services.memory(),
                        "exercises.list",
                        Orientation.VERTICAL,
                        size -> HEADER + LISTED * ROW,
                        table,
                        below);
        VBox.setVgrow(whole, Priority.ALWAYS);
        getChildren().add(whole);
    }

    /** What the page is for. */
    Button action() {
        return Widgets.primary("solve", Texts.of("exercises.have-it-solved"), () -> solve(onSolve));
    }

    private void solve(LongConsumer solve) {
        flush();
        session.id().ifPresent(solve);
    }

    private void remove(List<SheetRow> chosen) {
        flush();
        removal.remove(
                chosen.stream()
                        .map(row -> new BinStore.Item(BinStore.Kind.EXERCISE, row.id()))
                        .toList(),
                chosen.size() == 1
                        ? chosen.get(0).title()
                        : Texts.of("exercises.exercises-2", chosen.size()));
    }

    /** The exercises, to be opened by their names. */
    List<Command> choices() {
        return table.getItems().stream()
                .map(
                        row ->
                                Command.of(
                                        Texts.of("exercises.exercise-2", row.title()),
                                        () -> open(row.id())))
                .toList();
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
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(id),
                        tree -> {
                            flush();
                            session.open(autoSave.newest(id, tree), OptionalLong.of(id));
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
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(id),
                        read -> {
                            MoveTree tree = autoSave.newest(id, read);
                            boolean same =
                                    PgnWriter.write(tree).equals(PgnWriter.write(session.tree()));
                            if (!same && session.isOpen(id)) {
                                session.open(tree, OptionalLong.of(id));
                            }
                        });
    }

    void reload() {
        services.scheduler()
                .library(
                        () -> services.library().sheets().find(SheetQuery.all(SheetKind.EXERCISE)),
                        found -> {
                            table.show(found);
                            if (session.id().isPresent()) {
                                table.mark(session.id().getAsLong());
                            } else if (!found.isEmpty()) {
                                open(found.get(0).id());
                            }
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
            services.messages().say(Texts.of("exercises.open-an-exercise-first"));
        } else if (session.tree().root().children().isEmpty()) {
            whole();
        } else if (node.isRoot()) {
            services.messages().say(Texts.of("exercises.choose-the-move-after-which"));
        } else {
            draftAfter(node);
        }
    }

    private void whole() {
        Position start = session.tree().start();
        services.drafts()
                .fill(
                        session,
                        (drafter, progress, cancellation) ->
                                drafter.draft(start, List.of(), progress, cancellation));
    }

    /** Drafts what follows a move anew; all other lines stay as they are. */
    void draftAfter(Node node) {
        MoveTree tree = session.tree();
        MoveTree copy = tree.copy();
        Node twin = copy.follow(MoveTree.address(node));
        services.scheduler()
                .<Optional<MoveTree>>longWork(
                        Texts.of("exercises.drafting-this-branch"),
                        (cancellation, progress) ->
                                services.drafter()
                                        .branch(copy, twin, progress::accept, cancellation),
                        drafted ->
                                drafted.ifPresentOrElse(
                                        d -> replace(tree, node, d),
                                        () ->
                                                services.messages()
                                                        .say(
                                                                Texts.of(
                                                                        "exercises.nothing-is-to-be-found"))));
    }

    private void replace(MoveTree tree, Node node, MoveTree drafted) {
        boolean there = session.tree() == tree && tree.nodes().contains(node);
        if (!there) {
            services.messages().say(Texts.of("exercises.the-exercise-was-changed-meanwhile"));
            return;
        }
        session.editor().replaceRest(node, drafted.root());
        String open = drafted.root().annotation().after();
        services.messages()
                .say(
                        Texts.of(
                                "exercises.this-branch-is-drafted-anew",
                                open.isEmpty() ? "" : " " + open));
    }
}
