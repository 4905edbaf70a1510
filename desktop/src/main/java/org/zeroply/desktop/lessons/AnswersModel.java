package org.zeroply.desktop.lessons;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import org.zeroply.chess.board.Square;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;

/** What students answered in lessons: read, kept, and taken out. */
final class AnswersModel {

    /** The answers in a lesson, and who there is. */
    record Read(List<LessonAnswer> answers, List<Student> students) {}

    private final Services services;

    AnswersModel(Services services) {
        this.services = services;
    }

    /** Reads who there is. */
    void students(Consumer<List<Student>> use) {
        services.scheduler().library(() -> services.library().students().all(), use);
    }

    /** Reads what was answered in a lesson. */
    void inLesson(long lesson, Consumer<Read> use) {
        services.scheduler()
                .library(
                        () ->
                                new Read(
                                        services.library().lessonAnswers().inLesson(lesson),
                                        services.library().students().all()),
                        use);
    }

    /** Keeps an answer. */
    void add(LessonAnswer answer) {
        put(List.of(answer), true, () -> {});
    }

    /**
     * Takes answers out, which can be taken back.
     *
     * @param trail notes it
     * @param then done after each time
     */
    void takeOut(List<LessonAnswer> chosen, UndoTrail trail, Runnable then) {
        put(chosen, false, then);
        trail.did(() -> put(chosen, true, then), () -> put(chosen, false, then));
    }

    private void put(List<LessonAnswer> answers, boolean in, Runnable then) {
        services.scheduler()
                .library(
                        () ->
                                services.library()
                                        .together(
                                                () -> {
                                                    answers.forEach(a -> put(a, in));
                                                    return true;
                                                }),
                        done -> then.run());
    }

    private void put(LessonAnswer answer, boolean in) {
        if (in) {
            services.library().lessonAnswers().add(answer);
        } else {
            services.library().lessonAnswers().remove(answer.uuid());
        }
    }

    /** Squares that are written, with one more that was pressed, or without it. */
    static String pressed(String squares, int square) {
        List<String> all =
                new ArrayList<>(
                        Arrays.stream(squares.split("[\\s,]+")).filter(s -> !s.isEmpty()).toList());
        String name = Square.name(square);
        if (!all.remove(name)) {
            all.add(name);
        }
        return String.join(" ", all);
    }
}
