package org.zeroply.coach.lesson.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.lesson.AnswerChoice;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.coach.lesson.LessonStep;

class ExerciseQuestionTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpMinutes "5"]

            1. e4 {[%zp.pts 4]} (1. d4 {[%zp.pts 2]}) (1. c4 {[%zp.equal] [%zp.pts 4]})
            (1. f3 {[%zp.tempting] It opens a line to the king.}) (1. a4)
            (1. Nf3! {[%zp.pts 2] Quiet.}) e5 {[%zp.pts 1]} 2. Nf3 $14 Nc6 *
            """;

    private static LessonStep question() {
        return ExerciseQuestion.of(((PgnEntry.Game) PgnReader.readAll(EXERCISE).get(0)).tree());
    }

    @Test
    void a_move_that_earned_something_is_nearly_right_and_no_other_one_is() {
        assertThat(question().question().choices())
                .extracting(AnswerChoice::text, AnswerChoice::outcome, AnswerChoice::words)
                .containsExactlyInAnyOrder(
                        tuple("e4", AnswerOutcome.RIGHT, ""),
                        tuple("d4", AnswerOutcome.NEARLY, ""),
                        tuple("c4", AnswerOutcome.RIGHT, ""),
                        tuple("f3", AnswerOutcome.TEMPTING, "It opens a line to the king."),
                        tuple("a4", AnswerOutcome.WRONG, ""),
                        tuple("Nf3", AnswerOutcome.NEARLY, "Quiet."));
    }

    @Test
    void points_and_what_comes_after_the_verdict_stay_in_the_exercise() {
        String pgn = PgnWriter.write(question().tree());
        assertThat(pgn)
                .contains("2. Nf3 $14 *")
                .contains("1. Nf3 $1 {Quiet.}", "1. d4 $5)")
                .doesNotContain("zp.pts", "Nc6", "ZpKind", "ZpMinutes");
    }
}
