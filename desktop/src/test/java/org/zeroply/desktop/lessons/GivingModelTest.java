package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;

/** Taking answers down, without the desk. */
class GivingModelTest extends ModelTest {

    private static final String EXERCISE =
            "[ZpKind \"calculation\"]\n[ZpMinutes \"7\"]\n[SetUp \"1\"]\n"
                    + "[FEN \"6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1\"]\n\n1. Re8# {[%zp.pts 5]} *\n";

    private Student nora;
    private Student odo;
    private long lesson;
    private GivingModel giving;
    private final UndoTrail trail = new UndoTrail();

    @BeforeEach
    void begin() throws Exception {
        nora = services.library().students().add("Nora", 1500);
        odo = services.library().students().add("Odo", 1600);
        Lesson given =
                GivenLessonTest.lesson()
                        .with(3, LessonStep.of(StepKind.HOMEWORK, SheetStore.parse(EXERCISE)));
        lesson = services.library().lessons().add(given);
        giving = new GivingModel(services, Clock.systemUTC(), trail);
        run(() -> giving.begin(lesson, given, 1));
        until(() -> giving.pupils().size() == 2);
    }

    private List<LessonAnswer> kept(Student student) {
        return services.library().lessonAnswers().of(student.id());
    }

    private void take(Student student, String answer, int kept) throws Exception {
        run(() -> giving.take(student, answer));
        until(() -> kept(student).size() == kept);
    }

    @Test
    void an_answer_goes_into_the_file_of_the_student_and_gives_way_to_a_second_one()
            throws Exception {
        take(nora, "a4", 1);
        assertThat(kept(nora).get(0).given().outcome()).isEqualTo(AnswerOutcome.TEMPTING);
        assertThat(giving.pupils().get(0).words()).isEqualTo("No.");
        run(() -> giving.take(nora, "1.d4"));
        until(() -> kept(nora).get(0).given().outcome() == AnswerOutcome.RIGHT);
        take(odo, "d4", 1);
        assertThat(kept(nora)).hasSize(1);
        assertThat(kept(nora).get(0).asked())
                .satisfies(
                        a -> {
                            assertThat(a.lesson()).isEqualTo("Centre");
                            assertThat(a.step()).isEqualTo(1);
                            assertThat(a.themes()).containsExactly("centre");
                            assertThat(a.lessonId()).hasValue(lesson);
                        });
        assertThat(giving.tally()).isEqualTo("2 right");
    }

    @Test
    void undo_takes_an_answer_back_and_redo_brings_it_again() throws Exception {
        take(nora, "a4", 1);
        run(() -> giving.take(nora, "d4"));
        until(() -> kept(nora).get(0).given().answer().equals("d4"));
        run(trail::undo);
        until(() -> kept(nora).get(0).given().answer().equals("a4"));
        run(trail::undo);
        until(() -> kept(nora).isEmpty());
        assertThat(giving.pupils().get(0).answer()).isEmpty();
        run(trail::redo);
        until(() -> kept(nora).size() == 1);
    }

    @Test
    void what_is_no_answer_is_told_and_keeps_nothing() throws Exception {
        run(
                () ->
                        assertThatThrownBy(() -> giving.take(nora, "Ke5"))
                                .isInstanceOf(IllegalArgumentException.class)
                                .hasMessageContaining("Ke5"));
        run(() -> giving.given().orElseThrow().go(0));
        run(
                () ->
                        assertThatThrownBy(() -> giving.take(nora, "d4"))
                                .hasMessage("Nothing is asked now."));
        assertThat(kept(nora)).isEmpty();
    }

    @Test
    void who_is_not_here_is_left_out_until_that_is_taken_back() throws Exception {
        run(() -> giving.leaveOut(odo));
        assertThat(giving.pupils()).extracting(p -> p.student().name()).containsExactly("Nora");
        run(trail::undo);
        assertThat(giving.pupils()).hasSize(2);
    }

    @Test
    void homework_is_set_once_to_everybody_who_is_here() throws Exception {
        run(() -> giving.leaveOut(odo));
        run(giving::setHomework);
        until(() -> services.library().assignments().of(nora.id()).size() == 1);
        run(giving::setHomework);
        until(() -> said().contains("all of it already"));
        var assignment = services.library().assignments().of(nora.id()).get(0);
        assertThat(assignment.homework().minutes()).isEqualTo(7);
        assertThat(assignment.homework().reason()).isEqualTo("from the lesson Centre");
        assertThat(services.library().sheets().load(assignment.homework().exerciseId()).tags())
                .doesNotContainKeys(LessonStep.LESSON, LessonStep.STEP)
                .containsKey("ZpKind");
        assertThat(services.library().assignments().of(odo.id())).isEmpty();
    }

    @Test
    void a_lesson_without_homework_says_so() throws Exception {
        Lesson bare = new Lesson("Bare", List.of(LessonStep.of(StepKind.SHOW, Position.START)));
        run(() -> giving.begin(lesson, bare, 0));
        run(giving::setHomework);
        assertThat(said()).contains("no homework");
    }
}
