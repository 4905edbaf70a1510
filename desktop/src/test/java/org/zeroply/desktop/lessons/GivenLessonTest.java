package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.desktop.work.SteppingClock;
import org.zeroply.library.sheet.SheetStore;

/** A lesson as it is given, without a window. */
class GivenLessonTest {

    static final String LESSON =
            """
            [ZpLesson "Centre"]
            [ZpStep "1 show"]
            [ZpTitle "Both"]

            {Two steps.} 1. e4 e5 *

            [ZpLesson "Centre"]
            [ZpStep "2 ask"]
            [ZpSeconds "60"]
            [ZpSeen "black"]
            [ZpThemes "centre"]

            1. d4 {Yes.} (1. a4 {[%zp.tempting] No.}) *

            [ZpLesson "Centre"]
            [ZpStep "3 show"]
            [ZpTitle "The end"]

            {That is all.} *
            """;

    private final SteppingClock clock = new SteppingClock();

    static Lesson lesson() {
        return Lesson.all(SheetStore.parseAll(LESSON)).get(0);
    }

    private GivenLesson given(int from) {
        return new GivenLesson(lesson(), from, clock);
    }

    private static String told(GivenLesson lesson) {
        return lesson.place() + ": " + lesson.slide().words() + " -> " + lesson.next();
    }

    @Test
    void one_goes_through_all_steps_and_back_again() {
        GivenLesson lesson = given(0);
        assertThat(told(lesson)).isEqualTo("step 1 of 3: Two steps. -> 1.e4");
        lesson.reveal();
        lesson.reveal();
        assertThat(told(lesson)).isEqualTo("step 1 of 3:  -> step 2, ask");
        lesson.reveal();
        assertThat(told(lesson)).isEqualTo("step 2 of 3:  -> 1.d4");
        assertThat(lesson.question()).isPresent();
        lesson.reveal();
        assertThat(told(lesson)).isEqualTo("step 2 of 3: Yes. -> 1.a4");
        lesson.reveal();
        lesson.reveal();
        assertThat(told(lesson)).isEqualTo("step 3 of 3: That is all. -> ");
        assertThat(lesson.isOver()).isTrue();
        lesson.reveal();
        lesson.back();
        assertThat(lesson.step()).isEqualTo(1);
        assertThat(lesson.slide().words()).isEqualTo("No.");
    }

    @Test
    void a_jump_leaves_every_step_where_it_was() {
        GivenLesson lesson = given(0);
        lesson.reveal();
        lesson.go(2);
        assertThat(lesson.slide().words()).isEqualTo("That is all.");
        lesson.go(0);
        assertThat(lesson.slideNumber()).isEqualTo(1);
        lesson.go(99);
        assertThat(lesson.step()).isEqualTo(2);
    }

    @Test
    void what_is_tried_on_the_board_is_shown_until_the_lesson_goes_on() {
        GivenLesson lesson = given(1);
        Move move =
                Position.START
                        .findMove(Square.parse("g1"), Square.parse("f3"), Optional.empty())
                        .orElseThrow();
        lesson.tryOut(Position.START, List.of(move));
        assertThat(lesson.isAside()).isTrue();
        assertThat(lesson.slide().rows().get(0).last()).isEqualTo("1.Nf3");
        assertThat(lesson.question()).as("the question stays open").isPresent();
        lesson.reveal();
        assertThat(lesson.isAside()).isFalse();
        assertThat(lesson.slideNumber()).as("the answer is not given away").isZero();
        lesson.tryOut(Position.START, List.of());
        assertThat(lesson.isAside()).isFalse();
    }

    @Test
    void the_time_to_think_runs_from_when_the_question_was_first_seen() {
        GivenLesson lesson = given(0);
        assertThat(lesson.time()).isEmpty();
        lesson.go(1);
        clock.step(20);
        assertThat(lesson.time()).isEqualTo("0:40");
        lesson.go(0);
        clock.step(30);
        lesson.go(1);
        assertThat(lesson.seconds()).isEqualTo(50);
        clock.step(11);
        assertThat(lesson.time()).isEqualTo("time is up");
    }

    @Test
    void the_board_is_seen_from_the_side_the_step_says() {
        GivenLesson lesson = given(0);
        assertThat(lesson.seenFrom()).isEqualTo(Side.WHITE);
        lesson.go(1);
        assertThat(lesson.seenFrom()).isEqualTo(Side.BLACK);
    }
}
