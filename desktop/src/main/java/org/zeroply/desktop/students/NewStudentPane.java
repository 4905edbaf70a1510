package org.zeroply.desktop.students;

import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** A new student: name and rating; a namesake is asked about first. */
final class NewStudentPane extends VBox {

    private final StudentsModel model;
    private final Runnable close;
    private final TextField name = new TextField();
    private final TextField rating = new TextField();
    private final Label problem = Widgets.wrapped("", "alarm");
    private final Button add = Widgets.primary("student-add", Texts.of("students.add"), this::add);
    private String asked = "";

    NewStudentPane(StudentsModel model, Runnable close) {
        super(12);
        this.model = model;
        this.close = close;
        setId("new-student");
        setMaxSize(420, USE_PREF_SIZE);
        name.setId("new-student-name");
        name.setPromptText(Texts.of("students.name"));
        name.setAccessibleText(Texts.of("students.name-of-the-new-student"));
        rating.setId("new-student-rating");
        rating.setPromptText(Texts.of("students.rating-if-there-is-one"));
        rating.setAccessibleText(Texts.of("students.rating-of-the-new-student"));
        problem.setId("new-student-problem");
        name.setOnAction(e -> add());
        rating.setOnAction(e -> add());
        HBox buttons =
                new HBox(
                        8, Widgets.button("student-leave", Texts.of("students.leave"), close), add);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("students.new-student"), "sheet-title"),
                        name,
                        rating,
                        problem,
                        buttons);
        Platform.runLater(name::requestFocus);
    }

    private void add() {
        Optional<String> wrong = StudentCard.problem(name.getText(), rating.getText());
        String typed = name.getText().strip();
        if (wrong.isPresent()) {
            problem.setText(wrong.get());
        } else if (model.hasNamesake(typed) && !asked.equalsIgnoreCase(typed)) {
            asked = typed;
            problem.setText(Texts.of("students.is-in-the-roster-already", typed));
            add.setText(Texts.of("students.add-a-namesake"));
        } else {
            close.run();
            model.add(typed, StudentCard.number(rating.getText()));
        }
    }
}
