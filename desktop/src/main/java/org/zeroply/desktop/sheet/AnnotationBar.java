package org.zeroply.desktop.sheet;

import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.TreeSession;

/** Typing moves, grading them, and the coach's words and verdicts. */
public final class AnnotationBar extends VBox {

    private final TreeSession session;
    private final TextField move = new TextField();
    private final TextField comment = new TextField();

    public AnnotationBar(TreeSession session, Messages messages) {
        this.session = session;
        getStyleClass().add("annotation-bar");
        move.setId("move-entry");
        move.setPromptText(Texts.of("sheet.type-a-move"));
        move.setPrefWidth(120);
        move.setMinWidth(120);
        move.setAccessibleText(Texts.of("sheet.type-a-move-in-notation"));
        move.setOnAction(e -> play(messages));
        comment.setId("comment");
        comment.setPromptText(Texts.of("sheet.your-words-on-this-move"));
        comment.setAccessibleText(Texts.of("sheet.comment-on-the-move"));
        Widgets.whenTyped(comment, this::saveComment);
        HBox.setHgrow(comment, Priority.ALWAYS);
        MoveCommands commands = new MoveCommands(session, messages);
        Bar grades = new Bar(3);
        for (Verdict verdict : Verdict.values()) {
            grades.getChildren()
                    .add(
                            sign(
                                    "verdict-" + verdict.name(),
                                    "",
                                    Texts.of(
                                            "sheet.your-verdict",
                                            verdict.symbol(),
                                            verdict.words()),
                                    () -> commands.toggle(verdict)));
            Button last = (Button) grades.getChildren().get(grades.getChildren().size() - 1);
            last.setGraphic(VerdictSign.drawn(verdict));
        }
        for (int nag : MoveCommands.GRADES) {
            grades.getChildren()
                    .add(
                            sign(
                                    "nag-" + nag,
                                    Nag.show(nag),
                                    Texts.of("sheet.grade-the-move", Nag.show(nag)),
                                    () -> commands.grade(nag)));
        }
        getChildren().addAll(Widgets.row(move, comment), grades);
        session.currentProperty()
                .addListener(
                        (o, was, is) -> {
                            commit();
                            show();
                        });
        session.revisionProperty().addListener(o -> show());
        show();
    }

    private static Button sign(String id, String text, String says, Runnable action) {
        Button button = Widgets.button(id, text, action);
        button.getStyleClass().add("sign");
        button.setTooltip(new Tooltip(says));
        button.setAccessibleText(says);
        return button;
    }

    private Node commented;

    private void show() {
        commented = session.current();
        FieldText.show(comment, commented, commented.annotation().after());
    }

    /** Keeps words that were typed but not confirmed. */
    public void commit() {
        if (commented != null && commented.isWithin(session.tree().root())) {
            saveComment();
        }
    }

    private void saveComment() {
        if (commented != null
                && !comment.getText().strip().equals(commented.annotation().after())) {
            session.editor().comment(commented, comment.getText());
        }
    }

    private void play(Messages messages) {
        try {
            session.play(move.getText().strip());
            move.clear();
        } catch (NotationException e) {
            messages.say(e.getMessage());
            move.selectAll();
        }
    }

    /** Puts the cursor where a move is typed. */
    public void typeMove() {
        move.requestFocus();
    }
}
