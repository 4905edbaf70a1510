package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GameResultTest {

    private static Optional<String> result(String text) {
        return Optional.ofNullable(text);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "1-0, 1-0",
        "0-1, 0-1",
        "1/2-1/2, 1/2-1/2",
        "*, *",
        "1/2, 1/2-1/2",
        "½-½, 1/2-1/2",
        "½–½, 1/2-1/2",
        "'½ - ½', 1/2-1/2",
        "'0,5-0,5', 1/2-1/2",
        "1:0, 1-0",
        "'0 : 1', 0-1",
        "1−0, 1-0",
        "'1-0 ff', 1-0",
        "+--, 1-0",
        "-:+, 0-1",
        "0-0, *",
        "White wins, 1-0",
        "BLACK WON, 0-1",
        "Drawn, 1/2-1/2",
        "White resigned,",
        "2-0,",
        "?,",
        "'',",
    })
    void a_tag_is_understood_where_it_can_only_mean_one_thing(String tag, String result) {
        assertThat(GameResult.of(tag)).isEqualTo(result(result));
    }

    /** Moves and verdicts look like results now and then. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "1-0, 1-0",
        "*, *",
        "0–1, 0-1",
        "½-½, 1/2-1/2",
        "1:0, 1-0",
        "0-0,",
        "0-0-0,",
        "0-0+,",
        "0–0,",
        "+-,",
        "-+,",
        "+--,",
        "1.,",
        "12,",
        "e8=Q,",
        "O-O,",
        "draw,",
        "'',",
    })
    void a_word_among_moves_is_a_result_only_if_it_can_be_no_move(String word, String result) {
        assertThat(GameResult.ofWord(word)).isEqualTo(result(result));
    }

    @Test
    void a_draw_is_printed_in_halves_and_the_rest_as_it_is() {
        assertThat(GameResult.played())
                .extracting(GameResult::shown)
                .containsExactly("1-0", "½–½", "0-1");
        assertThat(GameResult.shown(GameResult.NONE)).isEqualTo("*");
    }

    @ParameterizedTest
    @CsvSource({"1-0, 2", "1/2-1/2, 1", "0-1, 0", "*, -1", "½–½, -1"})
    void half_points_of_white(String result, int halves) {
        assertThat(GameResult.halves(result)).isEqualTo(halves);
    }
}
