package org.zeroply.engine.mate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;

class MateInOneTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "on the back rank; 6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1; Rd8#",
                "smothered; 6rk/6pp/7N/8/8/8/8/6K1 w - - 0 1; Nf7#",
                "the queen before the king, helped; 6k1/8/6K1/8/8/8/8/3Q4 w - - 0 1; Qd8#",
                "two bishops; 7k/8/6K1/8/2B5/8/3B4/8 w - - 0 1; Bc3#",
                "for Black; 3r2k1/8/8/8/8/8/5PPP/6K1 b - - 0 1; Rd1#",
                "the rook would be taken; 4r1k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1; -",
                "the rook is bound to its king; r5k1/5ppp/8/8/8/8/R7/K7 w - - 0 1; Rxa8#",
                "a square is left to go to; 6k1/5pp1/7p/8/8/8/5PPP/3R2K1 w - - 0 1; -",
            })
    void it_finds_a_mate_by_a_piece(String name, String fen, String expected) {
        Position position = Position.fromFen(fen);
        int move = MateInOne.find(position.toBoard());
        assertThat(move == 0 ? "-" : San.write(position, new Move(move))).isEqualTo(expected);
    }

    @Property(tries = 3000)
    void what_it_finds_mates_and_what_it_leaves_out_is_of_the_kinds_it_names(
            @ForAll long seed, @ForAll @IntRange(min = 10, max = 150) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        Assume.that(!position.inCheck());
        int found = MateInOne.find(position.toBoard());
        if (found != 0) {
            Move move = new Move(found);
            assertThat(position.legalMoves()).contains(move);
            assertThat(position.play(move).isCheckmate()).as("%s", position).isTrue();
            return;
        }
        assertThat(position.legalMoves())
                .as("%s", position)
                .noneMatch(
                        m ->
                                position.play(m).isCheckmate()
                                        && isByPieceThatCannotBeTaken(position.toBoard(), m));
    }

    private static boolean isByPieceThatCannotBeTaken(Board board, Move move) {
        int us = board.sideToMove();
        int king = board.kingSquare(1 - us);
        int type = board.typeAt(Move.from(move.packed()));
        if (type == 0 || type == 5) {
            return false;
        }
        long before = guardedByOthers(board, us, king, 1L << move.from());
        board.make(move.packed());
        long men = board.pieces(us) & ~(1L << move.to());
        long after = guardedByOthers(board, us, king, ~men);
        long takers = board.attackersTo(move.to(), board.occupied());
        boolean checks = (board.checkers() & 1L << move.to()) != 0;
        return checks
                && (takers & board.pieces(1 - us) & ~(1L << king)) == 0
                && (after & ~before) == 0;
    }

    /** The squares around a king that men of a side guard, some of them left aside. */
    private static long guardedByOthers(Board board, int side, int king, long aside) {
        long guarded = 0;
        long occupied = board.occupied() & ~(1L << king);
        for (long rest = Attacks.king(king); rest != 0; rest &= rest - 1) {
            int square = Long.numberOfTrailingZeros(rest);
            if ((board.attackersTo(square, occupied) & board.pieces(side) & ~aside) != 0) {
                guarded |= 1L << square;
            }
        }
        return guarded;
    }
}
