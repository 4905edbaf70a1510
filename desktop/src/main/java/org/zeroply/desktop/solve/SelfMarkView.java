package org.zeroply.desktop.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import org.zeroply.coach.exercise.marking.SelfMarking;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** Work done on paper: the items of the scheme, to tick what the paper has. */
final class SelfMarkView extends ScrollPane {

    private final Exercise exercise;
    private final List<CheckBox> boxes = new ArrayList<>();
    private final CheckBox verdict =
            new CheckBox(Texts.of("solve.the-verdict-on-the-main-line-was"));
    private final TextField minutes = new TextField();
    private final Label sum = Widgets.label("", "total");

    /**
     * What was ticked.
     *
     * @param items 0-based indexes of items of the scheme
     * @param seconds time used
     */
    record Ticks(Set<Integer> items, boolean verdictRight, int seconds) {}

    /**
     * @param keep called with what was ticked
     */
    SelfMarkView(Exercise exercise, Consumer<Ticks> keep) {
        this.exercise = exercise;
        setId("self-mark");
        setFitToWidth(true);
        getStyleClass().add("paper");
        VBox page = new VBox(7);
        page.getStyleClass().add("answer-rows");
        page.getChildren()
                .add(Widgets.wrapped(Texts.of("solve.tick-what-your-paper-has"), "faded"));
        List<MarkingScheme.Item> items = MarkingScheme.of(exercise.scheme()).items();
        for (int i = 0; i < items.size(); i++) {
            MarkingScheme.Item item = items.get(i);
            String condition =
                    item.rule().needsVerdict() ? Texts.of("solve.with-the-right-verdict") : "";
            CheckBox box = new CheckBox(item.line() + "   " + item.rule().points() + condition);
            box.setId("tick-" + i);
            box.getStyleClass().add("number");
            box.setWrapText(true);
            box.setOnAction(e -> add());
            boxes.add(box);
            page.getChildren().add(box);
        }
        verdict.setId("tick-verdict");
        minutes.setId("self-minutes");
        minutes.setPromptText(Texts.of("solve.minutes"));
        minutes.setAccessibleText(Texts.of("solve.minutes-used"));
        minutes.setPrefWidth(90);
        sum.setId("self-sum");
        page.getChildren()
                .addAll(
                        verdict,
                        Widgets.row(
                                sum,
                                Widgets.spacer(),
                                minutes,
                                Widgets.button(
                                        "self-keep",
                                        Texts.of("solve.keep"),
                                        () -> keep.accept(ticks()))));
        setContent(page);
        add();
    }

    private Set<Integer> ticked() {
        Set<Integer> ticked = new TreeSet<>();
        for (int i = 0; i < boxes.size(); i++) {
            if (boxes.get(i).isSelected()) {
                ticked.add(i);
            }
        }
        return ticked;
    }

    private void add() {
        int points = SelfMarking.mark(exercise, ticked(), false).points();
        sum.setText(Texts.of("solve.of-points", points, exercise.maxPoints()));
    }

    private Ticks ticks() {
        String typed = minutes.getText().strip();
        int used = typed.matches("\\d{1,3}") ? Integer.parseInt(typed) : exercise.minutes();
        return new Ticks(ticked(), verdict.isSelected(), 60 * used);
    }
}
