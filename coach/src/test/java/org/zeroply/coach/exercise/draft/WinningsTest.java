package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;

class WinningsTest {

    /** White, a rook each, is the solver. */
    private static final Winnings WINNINGS =
            new Winnings(Position.fromFen("3r2k1/5ppp/8/8/8/2N5/5PPP/3R2K1 w - - 0 1"), Side.WHITE);

    @ParameterizedTest(name = "{0}: {1}, shown: {2}")
    @CsvSource({
        // Nothing has happened yet.
        "3r2k1/5ppp/8/8/8/2N5/5PPP/3R2K1 w - - 0 1, 0, false",
        // A rook is won for good.
        "6k1/5ppp/8/8/8/2N5/5PPP/3R2K1 b - - 0 1, 500, true",
        // The rook that came can be taken at once.
        "r2R2k1/5ppp/8/8/8/2N5/5PPP/6K1 b - - 0 1, -500, false",
        // Mate needs no material.
        "3R2k1/5ppp/8/8/8/8/5PPP/6K1 b - - 0 1, 200, true",
        // A pawn is not decisive.
        "3r2k1/5pp1/8/8/8/2N5/5PPP/3R2K1 w - - 0 1, 100, false",
    })
    void counts_what_stays_won(String fen, int hundredths, boolean shown) {
        Position position = Position.fromFen(fen);
        assertThat(WINNINGS.areShown(position)).isEqualTo(shown);
        if (!position.isCheckmate()) {
            assertThat(WINNINGS.hundredths(position)).isEqualTo(hundredths);
        }
    }
}
