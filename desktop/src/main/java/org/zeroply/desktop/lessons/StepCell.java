package org.zeroply.desktop.lessons;

import java.util.Optional;
import java.util.function.IntPredicate;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/**
 * A step of a lesson in its list: its number, what it does, its name, and a sign where something is
 * missing. It is dragged to another place; a rule tells where it would come to stand, and the list
 * moves on where it is dragged along its edge.
 */
final class StepCell extends ListCell<LessonStep> {

    private static final PseudoClass ABOVE = PseudoClass.getPseudoClass("drop-above");
    private static final PseudoClass BELOW = PseudoClass.getPseudoClass("drop-below");

    /** What a dragged step is called where it is carried, before its place. */
    private static final String CARRIED = "step ";

    private final IntPredicate lacks;

    /** Moves a step from one place to another. */
    @FunctionalInterface
    interface Mover {
        void move(int from, int to);
    }

    /**
     * @param lacks whether something is missing in the step at a place
     */
    StepCell(IntPredicate lacks, Mover mover) {
        this.lacks = lacks;
        setOnDragDetected(
                e -> {
                    if (!isEmpty()) {
                        ClipboardContent content = new ClipboardContent();
                        content.putString(CARRIED + getIndex());
                        Dragboard board = startDragAndDrop(TransferMode.MOVE);
                        board.setContent(content);
                        board.setDragView(snapshot(null, null));
                        e.consume();
                    }
                });
        setOnDragOver(
                e ->
                        carried(e)
                                .ifPresent(
                                        from -> {
                                            e.acceptTransferModes(TransferMode.MOVE);
                                            e.consume();
                                            mark(from);
                                            alongTheEdge();
                                        }));
        setOnDragExited(e -> mark(getIndex()));
        setOnDragDropped(
                e ->
                        carried(e)
                                .ifPresent(
                                        from -> {
                                            int to = getIndex();
                                            mark(to);
                                            e.setDropCompleted(true);
                                            e.consume();
                                            mover.move(from, to);
                                        }));
    }

    /**
     * The place of the step that is dragged. The cell it was taken from may by now show another
     * one, where the list has moved.
     */
    private Optional<Integer> carried(DragEvent e) {
        boolean ours = e.getGestureSource() instanceof StepCell && !isEmpty();
        return Optional.ofNullable(ours ? e.getDragboard().getString() : null)
                .filter(s -> s.matches(CARRIED + "\\d{1,6}"))
                .map(s -> Integer.parseInt(s.substring(CARRIED.length())));
    }

    private void mark(int from) {
        pseudoClassStateChanged(ABOVE, getIndex() < from);
        pseudoClassStateChanged(BELOW, getIndex() > from);
    }

    /** Shows one row more where the dragged step is at the first or last row that is shown. */
    private void alongTheEdge() {
        ListView<LessonStep> list = getListView();
        double top = localToScene(0, 0).getY() - list.localToScene(0, 0).getY();
        if (top < getHeight() / 2 && getIndex() > 0) {
            list.scrollTo(getIndex() - 1);
        } else if (top + 1.5 * getHeight() > list.getHeight()
                && getIndex() < list.getItems().size() - 1) {
            int rows = (int) (list.getHeight() / getHeight());
            list.scrollTo(Math.max(0, getIndex() - rows + 2));
        }
    }

    @Override
    protected void updateItem(LessonStep step, boolean empty) {
        super.updateItem(step, empty);
        setText(null);
        setGraphic(null);
        if (empty || step == null) {
            return;
        }
        boolean incomplete = lacks.test(getIndex());
        Label number = Widgets.label(String.valueOf(getIndex() + 1), "step-number");
        number.setMinWidth(24);
        Label kind = Widgets.label(step.kind().words(), "faded");
        kind.setMinWidth(70);
        String name = step.title().isEmpty() ? told(step) : step.title();
        Label text = new Label(name);
        Widgets.tellCut(text);
        Label sign = Widgets.label(incomplete ? Texts.of("lessons.incomplete") : "", "step-lacks");
        sign.setMinWidth(USE_PREF_SIZE);
        setGraphic(new HBox(8, number, kind, text, Widgets.spacer(), sign));
        setPrefWidth(0);
    }

    private static String told(LessonStep step) {
        return step.kind() == StepKind.ASK ? step.question().prompt() : step.words();
    }
}
