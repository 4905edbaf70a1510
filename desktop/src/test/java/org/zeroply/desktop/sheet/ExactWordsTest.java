package org.zeroply.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

class ExactWordsTest {

    private static final String MEN = "8/8/8/4k3/8/8/3Q4/4K3 ";

    @ParameterizedTest
    @CsvSource({
        "0, w, exact: a draw",
        "1, w, exact: White mates in 1",
        "3, w, exact: White mates in 2",
        "2, b, exact: Black mates in 1",
        "-2, b, exact: White mates in 1",
        "-4, w, exact: Black mates in 2",
    })
    void a_known_result_is_told_in_moves(int plies, String side, String words) {
        assertThat(ExactWords.of(plies, Position.fromFen(MEN + side + " - - 0 1")))
                .isEqualTo(words);
    }
}
