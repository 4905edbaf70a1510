package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import javafx.geometry.Orientation;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.training.drill.DrillProgress;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.repertoire.RepertoireModel.Chapter;
import org.zeroply.desktop.sheet.AnnotationBar;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.sheet.MoveCommands;
import org.zeroply.desktop.sheet.SheetColumn;
import org.zeroply.desktop.work.Services;

/** The chapters, the open one as a line sheet, and what is said at its moves. */
final class LinesView extends VBox {

    private static final double COLUMN = 53;
    private static final double ROW = 26;
    private static final double HEADER = 30;
    private static final int LISTED = 4;

    private final RepertoireModel model;
    private final RowTable<Chapter> table =
            new RowTable<>(
                    "chapters",
                    Chapter::id,
                    "No repertoire yet. Chapter → New chapter for White, or bring in a PGN file on"
                            + " the page Merge.");
    private final LineSheetView sheet;
    private final NoteEditor notes;
    private final AnnotationBar annotations;

    LinesView(Services services, RepertoireModel model, CardBuilder cards) {
        super(8);
        this.model = model;
        sheet =
                new LineSheetView(
                        model.session(),
                        List.of(
                                new SheetColumn(
                                        "likely",
                                        "How likely a game of ours comes into the line",
                                        COLUMN,
                                        own -> inView(v -> likely(v, own))),
                                new SheetColumn(
                                        "kept",
                                        "How many of the games that enter the line find an answer all along it",
                                        COLUMN,
                                        own -> inView(v -> answered(v, own))),
                                new SheetColumn(
                                        "due",
                                        "Questions of the line that are new or due, or when the next one is",
                                        COLUMN,
                                        own -> inView(v -> due(v, own)))));
        notes = new NoteEditor(model, cards);
        annotations = new AnnotationBar(model.session(), services.messages());
        chapters();
        sheet.onMenu(new MoveCommands(model.session(), services.messages())::menu);
        sheet.setMinHeight(80);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        Split whole =
                new Split(
                        services.memory(),
                        "repertoire.list",
                        Orientation.VERTICAL,
                        size -> HEADER + LISTED * ROW,
                        table,
                        new VBox(6, sheet, notes, annotations));
        VBox.setVgrow(whole, Priority.ALWAYS);
        getChildren().add(whole);
        model.viewProperty().addListener(o -> sheet.refresh());
        model.chapters().addListener((javafx.beans.Observable o) -> list());
        model.session().revisionProperty().addListener(o -> mark());
    }

    private void chapters() {
        table.text("For", 56, c -> c.side().word());
        table.text("Chapter", 190, Chapter::title);
        table.figure("Moves", 62, Chapter::moves, String::valueOf);
        table.figure("New", 50, c -> standing(c, DrillProgress::fresh), LinesView::known);
        table.figure("Due", 50, c -> standing(c, DrillProgress::due), LinesView::known);
        table.figure("Known", 64, c -> share(c, DrillProgress::share), LinesView::part);
        table.figure("At once", 70, c -> share(c, LinesView::right), LinesView::part);
        table.onChoose(
                c -> {
                    if (!isOpen(c)) {
                        model.open(c.id());
                    }
                });
        table.onOpen(c -> sheet.requestFocus());
        table.onRemove(chosen -> model.remove(chosen.get(0)));
        table.onMenu(
                chosen ->
                        chosen.isEmpty()
                                ? List.of()
                                : List.of(
                                        Command.of("Open", () -> model.open(chosen.get(0).id())),
                                        Menus.LINE,
                                        new Command(
                                                "Remove",
                                                "Delete",
                                                () -> model.remove(chosen.get(0)))));
    }

    private boolean isOpen(Chapter chapter) {
        return model.session().isOpen(chapter.id());
    }

    private void list() {
        table.show(List.copyOf(model.chapters()));
        mark();
    }

    private void mark() {
        model.session().id().ifPresent(table::mark);
    }

    private static int standing(Chapter chapter, ToIntFunction<DrillProgress> figure) {
        return chapter.standing().map(figure::applyAsInt).orElse(-1);
    }

    private static String known(int figure) {
        return figure < 0 ? "" : String.valueOf(figure);
    }

    private static double share(Chapter chapter, Function<DrillProgress, Double> figure) {
        return chapter.standing().map(figure).orElse(-1.0);
    }

    private static String part(double figure) {
        return figure < 0 ? "" : Words.percent(figure);
    }

    private static double right(DrillProgress p) {
        return p.asked() == 0 ? -1 : (double) p.rightFirst() / p.asked();
    }

    // ---- Columns --------------------------------------------------------------------------------

    private String inView(Function<RepertoireView, String> text) {
        return model.viewProperty().get().map(text).orElse("");
    }

    private static Optional<Spot> spot(RepertoireView v, Node node) {
        return v.repertoire().at(node.position());
    }

    private static String likely(RepertoireView v, List<Node> own) {
        return spot(v, own.get(0))
                .map(s -> v.coverage().reached().get(s))
                .map(Words::percent)
                .orElse("–");
    }

    private static String answered(RepertoireView v, List<Node> own) {
        double all = 1;
        boolean any = false;
        for (Node node : own) {
            Optional<Double> part = spot(v, node).map(s -> v.answered().get(s));
            if (part.isPresent()) {
                all *= part.get();
                any = true;
            }
        }
        return any ? Words.percent(all) : "–";
    }

    private String due(RepertoireView v, List<Node> own) {
        if (model.studentProperty().get().isEmpty()) {
            return "";
        }
        List<Node> places = new ArrayList<>(own);
        if (own.get(0).depth() == 1) {
            places.add(own.get(0).parent().orElseThrow());
        }
        RepertoireView.Learning learning = v.learning();
        long asked = 0;
        long next = Long.MAX_VALUE;
        for (Node node : places) {
            for (Question q : spot(v, node).map(learning.questions()::at).orElse(List.of())) {
                Recall recall = learning.memory().of(q);
                asked += recall.isDue(learning.today()) ? 1 : 0;
                next = Math.min(next, Math.max(recall.dueDay(), learning.today()));
            }
        }
        if (asked > 0) {
            return asked + " now";
        }
        return next == Long.MAX_VALUE ? "–" : "in " + (next - learning.today()) + " d";
    }

    // ---- What the desk asks for -----------------------------------------------------------------

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
    }

    void typeMove() {
        annotations.typeMove();
    }

    NoteEditor notes() {
        return notes;
    }

    void commit() {
        annotations.commit();
        notes.commit();
    }
}
