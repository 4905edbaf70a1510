package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;

class ForcingTest {

    private static final String ROOK_LIFT = "5rk1/5p2/5B2/8/5R2/8/5PPP/6K1 w - - 0 1";

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource({
        ROOK_LIFT + ", Rh4, true",
        ROOK_LIFT + ", Rg4+, true",
        ROOK_LIFT + ", Ra4, false",
        ROOK_LIFT + ", Kf1, false",
        "5rk1/5p2/8/4B3/7R/8/5PPP/6K1 w - - 0 1, Bf6, true",
        "5rk1/5p2/8/4B3/7R/8/5PPP/6K1 w - - 0 1, Bd6, false",
        "5rk1/5pp1/8/6N1/8/8/5PPP/3Q2K1 w - - 0 1, Qh5, true",
        // The king has a square to go to.
        "6k1/5pp1/8/6N1/8/8/5PPP/3Q2K1 w - - 0 1, Qh5, false",
        // The knight guards.
        "5rk1/5ppp/5n2/6N1/8/8/5PPP/3Q2K1 w - - 0 1, Qd3, false",
        "3q2k1/5ppp/8/6n1/8/8/5PP1/5RK1 b - - 0 1, Qd4, false",
        "3q2k1/5ppp/8/8/6n1/8/5PP1/5RK1 b - - 0 1, Qh4, true",
    })
    void a_check_or_a_man_that_comes_near_and_threatens_mate(
            String fen, String san, boolean expected) throws NotationException {
        Position position = Position.fromFen(fen);
        Board board = position.toBoard();
        long key = board.key();
        boolean forcing = new Forcing().isForcing(board, San.read(position, san).packed());
        assertThat(forcing).isEqualTo(expected);
        assertThat(board.key()).isEqualTo(key);
    }
}
