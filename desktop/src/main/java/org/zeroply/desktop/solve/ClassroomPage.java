package org.zeroply.desktop.solve;

import java.util.Optional;
import java.util.OptionalLong;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** For the projector: the board, one line in large type, revealed move by move by the coach. */
final class ClassroomPage extends VBox {

    private final TreeSession session = new TreeSession();
    private final LineChooser chooser;
    private final Label count = Widgets.label("", "faded");
    private final Label moves = Widgets.wrapped("", "lesson-moves");
    private final Label words = Widgets.wrapped("", "lesson-words");
    private Optional<ClassroomModel> lesson = Optional.empty();

    ClassroomPage(Services services) {
        super(12);
        chooser = new LineChooser(services, "classroom-line");
        count.setId("lesson-count");
        moves.setId("lesson-moves");
        words.setId("lesson-words");
        VBox sheet = new VBox(16, moves, words);
        sheet.getStyleClass().add("drill-page");
        VBox.setVgrow(sheet, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(
                                chooser,
                                Widgets.button("lesson-begin", "Show the position", this::begin)),
                        sheet,
                        Widgets.row(
                                Widgets.button("lesson-back", "Back", this::back),
                                Widgets.button(
                                        "lesson-reveal", "Reveal the next move", this::reveal),
                                Widgets.spacer(),
                                count));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        words.setText(
                "Choose an exercise and show the position. Page Down reveals move after move,"
                        + " line after line; Page Up takes one back.");
    }

    /** A button that was pressed keeps the focus; the keys go on all the same. */
    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.PAGE_DOWN) {
            reveal();
            e.consume();
        } else if (e.getCode() == KeyCode.PAGE_UP) {
            back();
            e.consume();
        }
    }

    TreeSession session() {
        return session;
    }

    void shown() {
        chooser.shown();
    }

    private void begin() {
        chooser.tree(
                tree -> {
                    session.open(tree, OptionalLong.empty());
                    lesson = Optional.of(new ClassroomModel(tree));
                    show();
                    words.setText(prompt(tree));
                });
    }

    private static String prompt(MoveTree tree) {
        return Exercise.of(tree).prompt();
    }

    void reveal() {
        lesson.ifPresent(
                l -> {
                    l.reveal();
                    show();
                });
    }

    void back() {
        lesson.ifPresent(
                l -> {
                    l.back();
                    show();
                });
    }

    private void show() {
        lesson.ifPresent(
                l -> {
                    session.go(l.current().orElse(session.tree().root()));
                    moves.setText(l.moves());
                    words.setText(l.words());
                    count.setText(
                            "line "
                                    + l.number()
                                    + " of "
                                    + l.lines()
                                    + (l.isOver() ? ", all revealed" : ""));
                });
    }
}
