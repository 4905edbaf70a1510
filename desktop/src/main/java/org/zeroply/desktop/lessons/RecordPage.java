package org.zeroply.desktop.lessons;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.Counted;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.library.student.LessonAnswer;

/** Who answered what in the open lesson, also at earlier times. */
final class RecordPage extends VBox {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final Messages messages;
    private final AnswersModel answers;
    private final LessonsModel model;
    private final ZoneId zone;
    private final Map<Long, String> names = new HashMap<>();
    private final Label sum = Widgets.wrapped("", "faded");
    private final RowTable<LessonAnswer> table =
            new RowTable<LessonAnswer>(
                            "record-table",
                            LessonAnswer::uuid,
                            Texts.of("lessons.nobody-has-answered-anything-in"))
                    .several();

    RecordPage(Messages messages, AnswersModel answers, LessonsModel model) {
        super(8);
        this.messages = messages;
        this.answers = answers;
        this.model = model;
        this.zone = ZoneId.systemDefault();
        setId("record-page");
        sum.setId("record-sum");
        table.text(
                Texts.of("lessons.student"),
                130,
                a -> names.getOrDefault(a.studentId(), Texts.of("lessons.in-the-bin")));
        table.text(Texts.of("lessons.step-2"), 48, a -> String.valueOf(a.asked().step() + 1));
        table.text(Texts.of("lessons.question"), 190, a -> a.asked().prompt());
        table.text(Texts.of("lessons.answer"), 90, a -> a.given().answer());
        table.text("", 100, a -> a.given().outcome().words());
        table.text(Texts.of("lessons.seconds"), 68, a -> String.valueOf(a.given().seconds()));
        table.text(Texts.of("lessons.when"), 120, a -> WHEN.format(a.given().at().atZone(zone)));
        table.onRemove(this::remove);
        table.onMenu(
                chosen ->
                        chosen.isEmpty()
                                ? List.of()
                                : List.of(
                                        new Command(
                                                Texts.of("lessons.take-out"),
                                                "Delete",
                                                () -> remove(chosen))));
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().addAll(sum, table);
    }

    void shown() {
        if (model.id().isEmpty()) {
            table.show(List.of());
            sum.setText("");
            return;
        }
        long id = model.id().getAsLong();
        answers.inLesson(id, this::show);
    }

    private void show(AnswersModel.Read read) {
        names.clear();
        read.students().forEach(s -> names.put(s.id(), s.name()));
        table.show(read.answers());
        long students = read.answers().stream().map(LessonAnswer::studentId).distinct().count();
        double share =
                read.answers().stream()
                        .mapToDouble(a -> a.given().outcome().share())
                        .average()
                        .orElse(0);
        sum.setText(
                read.answers().isEmpty()
                        ? ""
                        : Texts.of(
                                "lessons.of-of-100-right-a",
                                Counted.of(read.answers().size(), "answer"),
                                Counted.of(students, "student"),
                                Math.round(100 * share)));
    }

    private void remove(List<LessonAnswer> chosen) {
        answers.takeOut(chosen, model.trail(), this::shown);
        messages.say(
                Texts.of(
                        "lessons.taken-out-here-and-in",
                        Counted.of(chosen.size(), "answer"),
                        chosen.size() == 1 ? "it" : "them"));
    }
}
