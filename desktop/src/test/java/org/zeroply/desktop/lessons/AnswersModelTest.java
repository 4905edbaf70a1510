package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.student.LessonAnswer;

class AnswersModelTest extends ModelTest {

    @ParameterizedTest(name = "\"{0}\" and {1}: \"{2}\"")
    @CsvSource({
        "'', d5, d5",
        "d5, e6, d5 e6",
        "d5 e6, d5, e6",
        "'d5,  e6', e6, d5",
        "d5, d5, ''",
    })
    void a_square_that_is_pressed_is_written_or_taken_out(
            String before, String square, String after) {
        assertThat(AnswersModel.pressed(before, Square.parse(square))).isEqualTo(after);
    }

    @Test
    void answers_are_taken_out_and_come_back_in_the_students_files() throws Exception {
        long nora = services.library().students().add("Nora", 1700).id();
        long lesson = services.library().lessons().add(GivenLessonTest.lesson());
        UndoTrail trail = new UndoTrail();
        List<Integer> seen = new ArrayList<>();
        AnswersModel model = new AnswersModel(services);
        run(() -> model.add(answer("a", nora, lesson)));
        run(() -> model.add(answer("b", nora, lesson)));
        until(() -> services.library().lessonAnswers().of(nora).size() == 2);
        run(() -> model.inLesson(lesson, r -> seen.add(r.answers().size() + r.students().size())));
        until(() -> seen.contains(3));
        List<LessonAnswer> all = services.library().lessonAnswers().inLesson(lesson);
        run(() -> model.takeOut(all, trail, () -> seen.add(0)));
        until(() -> services.library().lessonAnswers().of(nora).isEmpty() && seen.contains(0));
        run(trail::undo);
        until(() -> services.library().lessonAnswers().of(nora).size() == 2);
        run(trail::redo);
        until(() -> services.library().lessonAnswers().of(nora).isEmpty());
    }

    private static LessonAnswer answer(String uuid, long student, long lesson) {
        return new LessonAnswer(
                uuid,
                student,
                new LessonAnswer.Asked(OptionalLong.of(lesson), "Files", 1, "Which?", List.of()),
                new LessonAnswer.Given(
                        "g", AnswerOutcome.NEARLY, 40, Instant.parse("2026-03-01T10:00:00Z")));
    }
}
