package org.zeroply.desktop.students;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.library.student.Student;

/** The card of a student: name and rating, edited in place, strength, and what is due next. */
final class StudentCard extends VBox {

    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private final StudentsModel model;
    private final Messages messages;
    private final TextField name = new TextField();
    private final TextField rating = new TextField();
    private final Label about = Widgets.wrapped("", "faded");
    private boolean showing;

    /**
     * @param beside what stands at the right of the name
     */
    StudentCard(StudentsModel model, Messages messages, Node... beside) {
        super(4);
        this.model = model;
        this.messages = messages;
        name.setId("student-name");
        name.setPromptText(Texts.of("students.name"));
        name.setAccessibleText(Texts.of("students.name-of-the-student"));
        name.getStyleClass().add("title-field");
        name.setPrefWidth(220);
        rating.setId("student-rating");
        rating.setPromptText(Texts.of("students.rating"));
        rating.setAccessibleText(Texts.of("students.rating-of-the-student"));
        rating.setPrefWidth(70);
        about.setId("student-about");
        Widgets.whenTyped(name, this::save);
        Widgets.whenTyped(rating, this::save);
        var row = Widgets.row(name, rating, Widgets.spacer());
        row.getChildren().addAll(beside);
        getChildren().addAll(row, about);
        model.chosenProperty().addListener(o -> show());
        show();
    }

    private void show() {
        showing = true;
        Optional<StudentsModel.Line> now = model.chosenProperty().get();
        name.setDisable(now.isEmpty());
        rating.setDisable(now.isEmpty());
        long id = now.map(l -> l.student().id()).orElse(0L);
        FieldText.show(name, id, now.map(l -> l.student().name()).orElse(""));
        int value = now.map(l -> l.student().rating()).orElse(0);
        FieldText.show(rating, id, value == 0 ? "" : String.valueOf(value));
        about.setText(
                now.map(StudentCard::about).orElse(Texts.of("students.no-student-yet-press-new")));
        showing = false;
    }

    private static String about(StudentsModel.Line line) {
        String strength =
                line.strength().isEmpty()
                        ? Texts.of("students.has-not-solved-anything-yet")
                        : Texts.of("students.solves-like", line.strength());
        String next =
                line.next() < 0
                        ? Texts.of("students.nothing-is-assigned")
                        : line.due() > 0
                                ? Texts.of("students.due-now", line.due())
                                : Texts.of(
                                        "students.next-due",
                                        DAY.format(LocalDate.ofEpochDay(line.next())));
        return strength + "  ·  " + next;
    }

    private void save() {
        if (showing) {
            return;
        }
        Optional<Student> now = model.student();
        Optional<String> wrong = problem(name.getText(), rating.getText());
        if (now.isPresent() && wrong.isPresent()) {
            messages.say(wrong.get());
            show();
        } else if (now.isPresent()) {
            model.change(name.getText().strip(), number(rating.getText()));
        }
    }

    /** What speaks against a name and a rating as they were typed. */
    static Optional<String> problem(String name, String rating) {
        boolean good = !name.isBlank() && rating.strip().matches("\\d{0,4}");
        return good ? Optional.empty() : Optional.of(Texts.of("students.a-student-needs-a-name"));
    }

    /** The rating that was typed; 0 where there is none. */
    static int number(String rating) {
        return rating.isBlank() ? 0 : Integer.parseInt(rating.strip());
    }
}
