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
import org.zeroply.desktop.texts.Texts;
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
                    "chapters", Chapter::id, Texts.of("repertoire.no-repertoire-yet-chapter-new"));
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
                                        Texts.of("repertoire.how-likely-a-game-of"),
                                        COLUMN,
                                        own -> inView(v -> likely(v, own))),
                                new SheetColumn(
                                        "kept",
                                        Texts.of("repertoire.how-many-of-the-games"),
                                        COLUMN,
                                        own -> inView(v -> answered(v, own))),
                                new SheetColumn(
                                        "due",
                                        Texts.of("repertoire.questions-of-the-line-that"),
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
        table.text(Texts.of("repertoire.for"), 56, c -> c.side().word());
        table.text(Texts.of("repertoire.chapter"), 190, Chapter::title);
        table.figure(Texts.of("repertoire.moves"), 62, Chapter::moves, String::valueOf);
        table.figure(
                Texts.of("repertoire.new"),
                50,
                c -> standing(c, DrillProgress::fresh),
                LinesView::known);
        table.figure(
                Texts.of("repertoire.due"),
                50,
                c -> standing(c, DrillProgress::due),
                LinesView::known);
        table.figure(
                Texts.of("repertoire.known"),
                64,
                c -> share(c, DrillProgress::share),
                LinesView::part);
        table.figure(
                Texts.of("repertoire.at-once"),
                70,
                c -> share(c, LinesView::right),
                LinesView::part);
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
                                        Command.of(
                                                Texts.of("repertoire.open"),
                                                () -> model.open(chosen.get(0).id())),
                                        Menus.LINE,
                                        new Command(
                                                Texts.of("repertoire.remove"),
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
            return Texts.of("repertoire.now", asked);
        }
        return next == Long.MAX_VALUE ? "–" : Texts.of("repertoire.in-d", next - learning.today());
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
