package org.zeroply.desktop.lessons;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.TreeSession;

/**
 * The coach's side of a lesson: what is shown, what comes next, the whole solution, and the words
 * of the move; the room sees none of it.
 */
public final class ClassroomPage extends VBox {

    /** Shows lessons to a room. */
    public interface Shower {
        /** Shows it over the whole of this window. */
        void here(Projected lesson);

        /** Shows it in a window of its own, on the second screen where there is one. */
        void apart(Projected lesson);
    }

    private final TreeSession session;
    private final Shower shower;
    private final Label prompt = Widgets.wrapped("", "prompt");
    private final Label moves = Widgets.wrapped("", "lesson-moves");
    private final Label words = Widgets.wrapped("", "lesson-words");
    private final Label next = Widgets.wrapped("", "plain");
    private final Label count = Widgets.label("", "faded");
    private final ListView<String> solution = new ListView<>();
    private Optional<ClassroomModel> lesson = Optional.empty();

    /**
     * @param session what the board shows while the page is in front
     */
    public ClassroomPage(TreeSession session, Shower shower) {
        super(10);
        this.session = session;
        this.shower = shower;
        prompt.setId("lesson-prompt");
        moves.setId("lesson-moves");
        words.setId("lesson-words");
        next.setId("lesson-next");
        count.setId("lesson-count");
        solution.setId("lesson-solution");
        solution.setPlaceholder(
                Widgets.wrapped(Texts.of("lessons.there-are-no-lines-from"), "empty-note"));
        solution.setCellFactory(v -> new WrappedCell());
        VBox sheet = new VBox(10, prompt, moves, words, next);
        sheet.getStyleClass().add("drill-page");
        VBox.setVgrow(solution, Priority.ALWAYS);
        getChildren()
                .addAll(
                        sheet,
                        Widgets.heading(Texts.of("lessons.all-lines-for-you-alone")),
                        solution,
                        Widgets.row(
                                Widgets.button("lesson-back", Texts.of("lessons.back"), this::back),
                                Widgets.button(
                                        "lesson-reveal", Texts.of("lessons.reveal"), this::reveal),
                                Widgets.spacer(),
                                count,
                                Widgets.button(
                                        "lesson-here",
                                        Texts.of("lessons.whole-screen"),
                                        this::here),
                                Widgets.button(
                                        "lesson-apart",
                                        Texts.of("lessons.second-window"),
                                        this::apart)));
        show();
    }

    private static final class WrappedCell extends ListCell<String> {
        WrappedCell() {
            setWrapText(true);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(String item, boolean empty) {
            super.updateItem(item, empty);
            setText(empty ? null : item);
        }
    }

    /** Begins a lesson. */
    public void begin(ClassroomModel shown) {
        lesson = Optional.of(shown);
        shown.stepsProperty().addListener((o, was, is) -> show());
        show();
    }

    /** The lesson that goes on, if one does. */
    public Optional<ClassroomModel> lesson() {
        return lesson;
    }

    /** One step on. */
    public void reveal() {
        lesson.ifPresent(ClassroomModel::reveal);
    }

    /** One step back. */
    public void back() {
        lesson.ifPresent(ClassroomModel::back);
    }

    /** Over the whole of this window. */
    public void here() {
        lesson.ifPresent(shower::here);
    }

    /** In a window of its own. */
    public void apart() {
        lesson.ifPresent(shower::apart);
    }

    private void show() {
        prompt.setText(
                lesson.map(ClassroomModel::prompt)
                        .orElse(Texts.of("lessons.choose-an-exercise-and-show")));
        moves.setText(lesson.map(ClassroomModel::moves).orElse(""));
        words.setText(lesson.map(ClassroomModel::words).orElse(""));
        next.setText(
                lesson.filter(l -> !l.isOver())
                        .map(l -> Texts.of("lessons.next", l.next()))
                        .orElse(""));
        for (Label label : List.of(moves, words, next)) {
            label.setManaged(!label.getText().isEmpty());
        }
        count.setText(lesson.map(ClassroomModel::place).orElse(""));
        solution.getItems().setAll(lesson.map(ClassroomModel::solution).orElse(List.of()));
        lesson.map(ClassroomModel::shown)
                .filter(n -> n.isWithin(session.tree().root()))
                .ifPresent(session::go);
    }
}
