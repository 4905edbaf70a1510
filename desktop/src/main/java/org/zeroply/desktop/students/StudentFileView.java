package org.zeroply.desktop.students;

import java.time.ZoneId;
import java.util.List;
import java.util.OptionalLong;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentFile;

/** The moments of games in a student's file: what there is to learn, with the position. */
final class StudentFileView extends VBox {

    private final Services services;
    private final TreeSession session;
    private final StudentsDesk.GameOpener opener;
    private final RowTable<StudentFile.Filed> table =
            new RowTable<>(
                    "student-file-table",
                    f -> f.sheetId() + " " + f.ply(),
                    Texts.of("students.nothing-in-the-file-yet"));
    private final RowTable<LessonAnswer> lessons =
            new RowTable<>(
                    "student-lessons",
                    LessonAnswer::uuid,
                    Texts.of("students.nothing-answered-in-a-lesson"));
    private final Label words = Widgets.wrapped("", "plain");
    private OptionalLong student = OptionalLong.empty();

    /**
     * @param session shows the position of the moment that is chosen
     */
    StudentFileView(Services services, TreeSession session, StudentsDesk.GameOpener opener) {
        super(8);
        this.services = services;
        this.session = session;
        this.opener = opener;
        setId("student-file");
        table.text(Texts.of("students.game"), 200, StudentFile.Filed::game);
        table.text(Texts.of("students.moment"), 240, StudentFile.Filed::text);
        table.onChoose(this::show);
        table.onOpen(f -> openGame());
        table.onRemove(chosen -> remove());
        table.onMenu(
                chosen ->
                        chosen.isEmpty()
                                ? List.of()
                                : List.of(
                                        Command.of(
                                                Texts.of("students.open-the-game"), this::openGame),
                                        Menus.LINE,
                                        new Command(
                                                Texts.of("students.take-out-of-the-file"),
                                                "Delete",
                                                this::remove)));
        lessons.text(Texts.of("students.lesson"), 130, a -> a.asked().lesson());
        lessons.text(Texts.of("students.question"), 190, a -> a.asked().prompt());
        lessons.text(Texts.of("students.answer"), 80, a -> a.given().answer());
        lessons.text("", 100, a -> a.given().outcome().words());
        lessons.text(Texts.of("students.when"), 90, a -> day(a));
        VBox.setVgrow(lessons, Priority.ALWAYS);
        VBox.setVgrow(table, Priority.ALWAYS);
        words.setId("student-file-words");
        getChildren()
                .addAll(
                        table,
                        words,
                        Widgets.row(
                                Widgets.button(
                                        "student-file-open",
                                        Texts.of("students.open-the-game"),
                                        this::openGame),
                                Widgets.removing(
                                        "student-file-remove",
                                        Texts.of("students.take-out"),
                                        this::remove)),
                        Widgets.heading(Texts.of("students.answers-in-lessons")),
                        lessons);
    }

    private static String day(LessonAnswer answer) {
        return answer.given().at().atZone(ZoneId.systemDefault()).toLocalDate().toString();
    }

    /** Shows the file of a student. */
    void show(Student chosen) {
        student = OptionalLong.of(chosen.id());
        long id = chosen.id();
        services.scheduler()
                .library(
                        () -> services.library().lessonAnswers().of(id),
                        found -> {
                            if (student.equals(OptionalLong.of(id))) {
                                lessons.show(found);
                            }
                        });
        services.scheduler()
                .library(
                        () -> services.library().studentFile().of(id),
                        found -> {
                            if (student.equals(OptionalLong.of(id))) {
                                table.show(found);
                                table.getSelectionModel().selectFirst();
                                show(table.getSelectionModel().getSelectedItem());
                            }
                        });
    }

    private void show(StudentFile.Filed moment) {
        words.setText(moment == null ? "" : moment.text());
        if (moment == null || getParent() == null) {
            return;
        }
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(moment.sheetId()),
                        tree -> show(tree, moment));
    }

    private void show(MoveTree tree, StudentFile.Filed moment) {
        if (moment.equals(table.getSelectionModel().getSelectedItem())) {
            session.open(tree, OptionalLong.empty());
            if (moment.ply() <= tree.mainLine().size()) {
                session.go(tree.mainLine().get(moment.ply() - 1).parent().orElseThrow());
            }
        }
    }

    /** Puts the position of the chosen moment on the board again. */
    void showOnBoard() {
        show(table.getSelectionModel().getSelectedItem());
    }

    private void openGame() {
        StudentFile.Filed chosen = table.getSelectionModel().getSelectedItem();
        if (chosen == null) {
            services.messages().say(Texts.of("students.choose-a-moment-of-the"));
            return;
        }
        opener.open(chosen.sheetId(), chosen.ply());
    }

    private void remove() {
        StudentFile.Filed chosen = table.getSelectionModel().getSelectedItem();
        if (chosen == null || student.isEmpty()) {
            return;
        }
        long id = student.getAsLong();
        services.scheduler()
                .library(
                        () -> {
                            services.library()
                                    .studentFile()
                                    .remove(id, chosen.sheetId(), chosen.ply());
                            return chosen;
                        },
                        gone -> {
                            table.show(
                                    table.getItems().stream()
                                            .filter(m -> !m.equals(gone))
                                            .toList());
                            services.messages().say(Texts.of("students.taken-out-of-the-file"));
                        });
    }
}
