package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.training.Progress;
import org.zeroply.coach.training.Question;
import org.zeroply.coach.training.Recall;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.repertoire.RepertoireModel.Chapter;
import org.zeroply.desktop.sheet.AnnotationBar;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.sheet.SheetColumn;
import org.zeroply.desktop.work.Services;

/** The chapters, the open one as a line sheet, and what is said at its moves. */
final class LinesView extends VBox {

    private static final double COLUMN = 53;

    private final RepertoireModel model;
    private final TableView<Chapter> table;
    private final LineSheetView sheet;
    private final NoteEditor notes;
    private final AnnotationBar annotations;
    private boolean selecting;

    LinesView(Services services, RepertoireModel model, CardBuilder cards) {
        super(8);
        this.model = model;
        table = new TableView<>(model.chapters());
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
        annotations = new AnnotationBar(model.session(), services.background());
        chapters();
        VBox.setVgrow(sheet, Priority.ALWAYS);
        getChildren().addAll(table, sheet, notes, annotations);
        model.viewProperty().addListener(o -> sheet.refresh());
        // The table drops its selection when the list changes, and only then can one be made.
        model.chapters()
                .addListener((javafx.beans.Observable o) -> Platform.runLater(this::select));
        model.session().revisionProperty().addListener(o -> select());
    }

    private void chapters() {
        table.setId("chapters");
        table.setPrefHeight(168);
        table.setMinHeight(112);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(
                new Label(
                        "No repertoire yet. Chapter → New chapter for White, or bring in a PGN file."));
        Widgets.column(table, "For", 64, c -> c.side().word());
        Widgets.column(table, "Chapter", 260, Chapter::title);
        Widgets.column(table, "Moves", 64, c -> String.valueOf(c.moves()));
        Widgets.column(table, "New", 56, c -> standing(c, p -> String.valueOf(p.fresh())));
        Widgets.column(table, "Due", 56, c -> standing(c, p -> String.valueOf(p.due())));
        Widgets.column(table, "Known", 64, c -> standing(c, p -> percent(p.share())));
        Widgets.column(table, "Right at once", 96, c -> standing(c, LinesView::right));
        table.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is != null && !selecting && !isOpen(is)) {
                                model.open(is.id());
                            }
                        });
    }

    private boolean isOpen(Chapter chapter) {
        return model.session().id().equals(OptionalLong.of(chapter.id()));
    }

    private void select() {
        selecting = true;
        model.chapters().stream()
                .filter(this::isOpen)
                .findFirst()
                .ifPresent(c -> table.getSelectionModel().select(c));
        selecting = false;
    }

    private static String standing(Chapter chapter, Function<Progress, String> text) {
        return chapter.standing().map(text).orElse("");
    }

    private static String right(Progress p) {
        return p.asked() == 0 ? "" : percent((double) p.rightFirst() / p.asked());
    }

    static String percent(double part) {
        double hundred = 100 * part;
        return String.format(
                Locale.ROOT, hundred > 0 && hundred < 9.95 ? "%.1f%%" : "%.0f%%", hundred);
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
                .map(LinesView::percent)
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
        return any ? percent(all) : "–";
    }

    private String due(RepertoireView v, List<Node> own) {
        if (model.studentProperty().get().isEmpty()) {
            return "";
        }
        List<Node> places = new ArrayList<>(own);
        if (own.get(0).depth() == 1) {
            places.add(own.get(0).parent().orElseThrow());
        }
        long asked = 0;
        long next = Long.MAX_VALUE;
        for (Node node : places) {
            for (Question q : spot(v, node).map(v.questions()::at).orElse(List.of())) {
                Recall recall = v.memory().of(q);
                asked += recall.isDue(v.today()) ? 1 : 0;
                next = Math.min(next, Math.max(recall.dueDay(), v.today()));
            }
        }
        if (asked > 0) {
            return asked + " now";
        }
        return next == Long.MAX_VALUE ? "–" : "in " + (next - v.today()) + " d";
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
