package org.zeroply.cli.console;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.cli.CommandTest;

class EarlierSpellingTest extends CommandTest {

    @ParameterizedTest
    @CsvSource({
        "insight --route b1-d5,                  insight route b1-d5",
        "insight --json --after e4 --nodes 0,    insight after --json e4 --nodes 0",
        "insight --verify=a.pgn --positions 3,   insight verify a.pgn --positions 3",
        "insight --nodes 0,                      insight --nodes 0",
        "insight route b1-d5,                    insight route b1-d5",
        "defend --side white --checks,           defend checks --side white",
        "defend --what-if a.epd --out b.pdf,     defend what-if a.epd --out b.pdf",
        "defend --checks --tied,                 defend checks --tied",
        "defend-measure --positions 3,           defend measure --positions 3",
        "ending --map white,                     ending map white",
        "ending-check,                           ending check",
        "statistics --library l.zpl --measure 5, statistics measure --library l.zpl 5",
        "analyse --moves e4,                     analyse --moves e4",
        "explain,                                explain",
    })
    void what_was_an_option_is_read_as_the_command_it_is_now(String then, String today) {
        assertThat(EarlierSpelling.today(then.split(" "))).containsExactly(today.split(" "));
    }

    @Test
    void no_word_at_all_stays_none() {
        assertThat(EarlierSpelling.today()).isEmpty();
    }

    @Test
    void both_spellings_answer_alike_and_options_may_stand_before_the_question()
            throws IOException {
        String fen = "4k3/8/8/8/8/2b5/PP1P4/4K3 w - - 0 1";
        assertThat(json("insight", "--fen", fen, "--contest", "c3", "--json"))
                .isEqualTo(json("insight", "contest", "c3", "--fen", fen, "--json"))
                .isEqualTo(json("insight", "--fen", fen, "--json", "contest", "c3"));
        assertThat(json("defend", "--fen", fen, "--square", "c3", "--json"))
                .isEqualTo(json("defend", "--fen", fen, "square", "c3", "--json"));
    }

    @ParameterizedTest
    @CsvSource({
        "defend --checks --tied",
        "insight --contest e4 --exchanges",
        "insight contest",
        "insight moves",
        "insight --after",
        "defend square e4 f4"
    })
    void two_questions_at_once_and_a_question_without_its_word_are_wrong_usage(String line) {
        assertThat(run(line.split(" "))).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).contains("Usage: zeroply");
    }
}
