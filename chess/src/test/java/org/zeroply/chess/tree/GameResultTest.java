package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Side;

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

    @ParameterizedTest(name = "{0}: White {1}, Black {2}")
    @CsvSource({"1-0, 1, 0", "0-1, 0, 1", "1/2-1/2, 0.5, 0.5", "*, , ", "2-0, , "})
    void each_side_scores_what_the_result_says(String result, Double white, Double black) {
        assertThat(GameResult.score(result, Side.WHITE)).isEqualTo(points(white));
        assertThat(GameResult.score(result, Side.BLACK)).isEqualTo(points(black));
        assertThat(GameResult.halves(result)).isEqualTo(white == null ? -1 : (int) (2 * white));
        assertThat(GameResult.isOne(result)).isEqualTo(!result.equals("2-0"));
    }

    private static OptionalDouble points(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
