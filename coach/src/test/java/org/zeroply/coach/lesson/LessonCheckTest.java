package org.zeroply.coach.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LessonCheckTest {

    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1";

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvSource(
            delimiter = '|',
            ignoreLeadingAndTrailingWhitespace = true,
            textBlock =
                    """
                    show     | ''              | ''                                | It says nothing
                    show     | ''              | {Look at the eighth rank.}        | ''
                    show     | ''              | 1. Re8#                           | ''
                    ask      | ZpAsk "move"    | ''                                | No move is right
                    ask      | ZpAsk "move"    | 1. Re8#                           | ''
                    ask      | ZpAsk "choose"  | 1. Re8#                           | There is no choice
                    ask      | ZpAsk "choose"  | 1. Re8# (1. Re7 {[%zp.tempting]}) | It is not said why Re7
                    ask      | ZpAsk "choose"  | 1. Re8# (1. Re7 {[%zp.tempting] It gives air.}) | ''
                    ask      | ZpAsk "plan"    | ''                                | No plan is right
                    ask      | ZpAsk "verdict" | ''                                | no verdict
                    ask      | ZpAsk "verdict" | $18 1. Re8#                       | ''
                    ask      | ZpAsk "squares" | ''                                | No squares are right
                    ask      | ZpAsk "number"  | ''                                | no number
                    ask      | ZpAsk "true"    | ''                                | not said whether
                    ask      | ZpAsk "true" ZpAnswer "no" | ''                     | ''
                    compare  | ''              | ''                                | nothing to compare
                    compare  | ZpBeside1 "6k1/5pp1/7p/8/8/8/8/K3R3 w - - 0 1" | '' | ''
                    what-if  | ZpBeside1 "6k1/5pp1/7p/8/8/8/8/K3R3 w - - 0 1" | '' | The table is empty
                    what-if  | ZpBeside1 "6k1/5pp1/7p/8/8/8/8/K3R3 w - - 0 1 / Re8 fails" | '' | ''
                    game     | ''              | ''                                | no moves
                    game     | ''              | 1. Re8#                           | ''
                    game     | ZpStops "0"     | 1. Re8#?                          | No move is right
                    homework | ''              | 1. Re8#                           | no exercise
                    homework | ZpKind "calculation" | 1. Re8#                      | no points
                    homework | ZpKind "calculation" | 1. Re8# {[%zp.pts 5]}        | ''
                    """)
    void what_is_missing_is_told(String kind, String tags, String moves, String told) {
        String rows =
                tags.replaceAll(" (?=Zp)", "\n").replaceAll(" / (?=Re8)", " | ")
                        + "\nZpStep \"1 "
                        + kind
                        + "\"\nSetUp \"1\"\nFEN \""
                        + BACK_RANK
                        + "\"";
        List<LessonCheck.Remark> remarks =
                LessonCheck.of(new Lesson("A test", List.of(Steps.of(rows, moves))));
        if (told.isEmpty()) {
            assertThat(remarks).isEmpty();
        } else {
            assertThat(remarks)
                    .extracting(LessonCheck.Remark::text)
                    .first()
                    .asString()
                    .contains(told);
        }
    }

    @ParameterizedTest
    @CsvSource({"70, 0", "71, 1"})
    void more_words_than_a_room_can_read_are_remarked(int count, int remarks) {
        LessonStep step = Steps.of("ZpStep \"1 show\"", "{" + "word ".repeat(count) + "}");
        Lesson lesson = new Lesson("A test", List.of(step, step));
        assertThat(LessonCheck.of(lesson)).hasSize(2 * remarks);
    }
}
