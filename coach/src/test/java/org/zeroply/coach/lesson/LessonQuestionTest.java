package org.zeroply.coach.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LessonQuestionTest {

    private static final String OPENING =
            "1. e4 {It opens two lines.} (1. d4 {[%zp.equal] It opens one.})"
                    + " (1. f3 {[%zp.tempting] It opens a line to your own king.}) (1. a4) (1. g4?)"
                    + " (1. c4!?) (1. Nf3 {It waits.} d5 $10)";

    private static LessonQuestion asked(String kind, String answer, String moves) {
        return Steps.of(
                        "ZpStep \"1 ask\"\nZpAsk \"" + kind + "\"\nZpAnswer \"" + answer + "\"",
                        moves)
                .question();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e4  | RIGHT    | e4 | It opens two lines.
                    e2e4| RIGHT    | e4 | It opens two lines.
                    1. e4 | RIGHT  | e4 | It opens two lines.
                    12...e4 | RIGHT | e4 | It opens two lines.
                    d4  | RIGHT    | d4 | It opens one.
                    f3  | TEMPTING | f3 | It opens a line to your own king.
                    a4  | WRONG    | a4 | That is not it.
                    g4  | WRONG    | g4 | That is not it.
                    c4  | NEARLY   | c4 | Good, but there is better.
                    Nc3 | WRONG    | Nc3 | That is not it.
                    """)
    void a_move_is_judged_by_what_the_tree_says_of_it(
            String given, AnswerOutcome outcome, String answer, String words) {
        assertThat(asked("move", "", OPENING).reply(given))
                .isEqualTo(new Reply(outcome, answer, words));
    }

    /** Verdicts of the answer and of another move, as glyphs of PGN; of White, who is to move. */
    @ParameterizedTest(name = "{1} beside {0}")
    @CsvSource({
        "$18, $18, NEARLY",
        "$18, $16, NEARLY",
        "$18, $14, WRONG",
        "$14, $10, NEARLY",
        "$14, $15, WRONG",
        "$18, $13, WRONG",
        "'', $18, WRONG",
        "$18, '', WRONG"
    })
    void another_move_is_near_where_its_verdict_is(
            String ofAnswer, String ofOther, AnswerOutcome outcome) {
        String moves = "1. e4 " + ofAnswer + " (1. d4 d5 " + ofOther + ")";
        assertThat(asked("move", "", moves).reply("d4").outcome()).isEqualTo(outcome);
        assertThat(asked("move", "", moves.replace("(1. d4", "(1. d4?")).reply("d4").outcome())
                .as("what the coach says of it counts more")
                .isEqualTo(AnswerOutcome.WRONG);
    }

    @Test
    void what_is_said_to_wrong_answers_is_not_said_to_a_good_move() {
        LessonQuestion question =
                Steps.of("ZpStep \"1 ask\"\nZpSayWrong \"No, no.\"", "1. e4 (1. d4!) (1. a4)")
                        .question();
        assertThat(question.reply("d4").words()).isEqualTo("Good, but there is better.");
        assertThat(question.reply("a4").words()).isEqualTo("No, no.");
    }

    @Test
    void the_first_move_is_not_right_where_it_is_marked_as_bad() {
        assertThat(asked("move", "", "1. f3? (1. e4 {[%zp.equal]})").solution()).isEqualTo("e4");
    }

    @Test
    void the_place_of_a_move_among_those_to_choose_does_not_give_it_away() {
        LessonQuestion question = asked("choose", "", OPENING);
        assertThat(question.choices())
                .extracting(AnswerChoice::text)
                .containsExactly("Nf3", "a4", "c4", "d4", "e4", "f3", "g4");
        assertThat(question.reply("5").answer()).isEqualTo("e4");
        assertThat(question.solution()).isEqualTo("d4 or e4");
    }

    @ParameterizedTest(name = "{0} {2} against {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    verdict | +/-      | +/-     | RIGHT
                    verdict | +/-      | ±       | RIGHT
                    verdict | +/-      | +-      | NEARLY
                    verdict | +/-      | +=      | NEARLY
                    verdict | +/-      | =       | WRONG
                    verdict | unclear  | =       | WRONG
                    verdict | unclear  | unclear | RIGHT
                    squares | d5 e6    | e6 d5   | RIGHT
                    squares | d5 e6    | D5, e6  | RIGHT
                    squares | d5 e6    | d5      | NEARLY
                    squares | d5 e6 f7 | d5      | WRONG
                    squares | d5 e6    | d5 f7   | WRONG
                    squares | d5 e6    | d5 e6 f7 | WRONG
                    number  | 3        | 3       | RIGHT
                    number  | 3        | 03      | RIGHT
                    number  | 3        | 2       | WRONG
                    true    | false    | no      | RIGHT
                    true    | false    | true    | WRONG
                    true    | yes      | T       | RIGHT
                    """)
    void other_answers_are_judged_by_what_the_tag_says(
            String kind, String right, String given, AnswerOutcome outcome) {
        assertThat(asked(kind, right, "").reply(given).outcome()).isEqualTo(outcome);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    move    | e5       | e5
                    move    | ''       | no answer
                    choose  | 8        | 8
                    plan    | 3        | from 1 to 2
                    plan    | castle   | from 1 to 2
                    verdict | fine     | verdict
                    squares | d9       | squares
                    number  | some     | number
                    number  | -1       | number
                    true    | perhaps  | true or false
                    """)
    void what_is_no_answer_is_told_with_what_is_expected(String kind, String given, String told) {
        LessonQuestion question =
                Steps.of(
                                "ZpStep \"1 ask\"\nZpAsk \""
                                        + kind
                                        + "\"\nZpChoice1 \"right: Attack\"\nZpChoice2 \"wrong: Wait\"",
                                OPENING)
                        .question();
        assertThatThrownBy(() -> question.reply(given))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(told);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    move    | After 4...Nxd5: and now?   | White to move. After 4...Nxd5: and now?
                    move    | What does White play?      | What does White play?
                    move    | What should Black fear?    | White to move. What should Black fear?
                    verdict | Who is better?             | White to move. Who is better?
                    squares | Which squares are weak?    | Which squares are weak?
                    """)
    void a_class_reads_whose_move_it_is_where_the_question_leaves_it_open(
            String kind, String prompt, String read) {
        String tags = "ZpStep \"1 ask\"\nZpAsk \"" + kind + "\"\nZpPrompt \"" + prompt + "\"";
        assertThat(Steps.of(tags, OPENING).question().asking()).isEqualTo(read);
    }

    @Test
    void a_plan_is_chosen_by_number_or_by_its_words_and_answered_with_its_own() {
        LessonQuestion question =
                Steps.of(
                                """
                                ZpStep "1 ask"
                                ZpAsk "plan"
                                ZpPrompt "Where does White play?"
                                ZpChoice1 "tempting: On the queenside | There is nothing to attack."
                                ZpChoice2 "right: On the kingside"
                                ZpChoice3 "a text that is no choice"
                                ZpSayRight "Yes, the king is there."
                                """,
                                "")
                        .question();
        assertThat(question.prompt()).isEqualTo("Where does White play?");
        assertThat(question.reply("1").words()).isEqualTo("There is nothing to attack.");
        assertThat(question.reply("on the kingside"))
                .isEqualTo(
                        new Reply(
                                AnswerOutcome.RIGHT, "On the kingside", "Yes, the king is there."));
    }

    @Test
    void a_verdict_that_the_tag_does_not_give_is_that_of_the_tree() {
        assertThat(asked("verdict", "", "{A word.} $16 1. e4").solution())
                .isEqualTo("+/- White is clearly better");
        assertThat(asked("verdict", "", "1. e4 e5 $10").solution()).isEqualTo("= equal");
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            textBlock =
                    """
                    move    | x     | true
                    verdict | +-    | true
                    verdict | good  | false
                    squares | d5    | true
                    squares | 5d    | false
                    number  | 12    | true
                    number  | a few | false
                    true    | yes   | true
                    true    | maybe | false
                    plan    | x     | false
                    """)
    void a_question_without_a_right_answer_is_not_complete(
            String kind, String answer, boolean complete) {
        assertThat(asked(kind, answer, OPENING).isComplete()).isEqualTo(complete);
        assertThat(asked("move", "", "").isComplete()).isFalse();
    }
}
