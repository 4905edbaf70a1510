package org.zeroply.engine.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
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
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;

class LegalExchangeTest {

    @ParameterizedTest(name = "{1} in {0} can lose {2}: {3}")
    @CsvSource({
        "8/7k/8/8/8/8/2n5/1B2R1K1 w - -, e1, 0, its only attacker is pinned to the king",
        "8/6k1/8/8/8/8/2n5/1B2R1K1 w - -, e1, 500, the same attacker off the line of the pin",
        "8/7k/8/8/8/8/2b5/1B1R2K1 w - -, d1, 0, it would leave the line of the pin",
        "8/7k/8/8/8/8/2b5/1B1R2K1 w - -, b1, 0, along the pin but the rook takes back",
        "8/7k/8/8/8/8/2b5/1B4K1 w - -, b1, 325, along the pin",
        "4k3/8/4p3/3n4/8/4R3/8/3RK3 w - -, d5, 325, the pawn that guards is pinned",
        "4k3/8/4p3/3n4/8/8/8/3RK3 w - -, d5, 0, the same pawn free",
        "4k3/8/8/q7/8/2N5/3K4/8 b - -, c3, 0, guarded by the king",
        "3qk3/8/5n2/6B1/4P3/8/8/4K3 w - -, e4, 0, taking would leave the queen behind",
        "3bk3/8/5n2/6B1/4P3/8/8/4K3 w - -, e4, 100, a bishop behind is guarded",
        "3rk3/8/5n2/6B1/4P3/8/8/4K3 w - -, e4, 0, taking would leave the rook behind",
        "3r2k1/8/5n2/6B1/4Q3/8/8/4K3 w - -, e4, 475, a queen for the rook behind",
        "3r2k1/8/5n2/6B1/4P3/8/3R4/3K4 w - -, e4, 0, the rook behind is not guarded",
        "7k/3q4/2n5/1B2b3/8/8/8/4R1K1 w - -, e5, 325, taking back would cost the queen",
        "7k/3b4/2n5/1B2b3/8/8/8/4R1K1 w - -, e5, 0, the bishop behind is guarded then",
        "4k3/8/8/8/8/1b6/2R5/3K4 b - -, c2, 175, the king takes back",
        "2k5/8/8/2r5/8/1b6/2R5/3K4 b - -, c2, 500, the king may not take back",
        "2k5/8/8/2r5/8/1b6/2R5/2RK4 b - -, c2, 175, a rook behind takes back",
        "4r1k1/8/8/8/8/8/4R3/4K2b w - -, h1, 0, nobody attacks it",
        "6k1/8/8/2p5/3qp3/3PB3/4K3/8 w - -, e4, 0, the queen takes back and pins what attacks c5",
        "6k1/8/8/2p5/3qp3/3PB3/5K2/8 w - -, e4, 100, the same bishop free to take on c5",
        "8/8/2r5/2p5/1PK1k3/2P5/8/8 b - -, b4, 0, the king takes back and guards what it left",
        "8/8/2r5/b1p5/1PK1k3/2P5/8/8 b - -, b4, 100, what it left is lost to two",
    })
    void only_what_may_leave_its_place_takes_part(String fen, String square, int loss, String why) {
        Position p = Position.fromFen(fen);
        int at = Square.parse(square);
        assertThat(LegalExchange.threatTo(p.toBoard(), at)).as(why).isEqualTo(loss);
        Symmetry colours = Symmetry.FLIPPED;
        Position turned = colours.of(p).orElseThrow();
        assertThat(LegalExchange.threatTo(turned.toBoard(), colours.square(at))).isEqualTo(loss);
    }

    @ParameterizedTest(name = "{1} in {0} can lose {2}")
    @CsvSource({
        "4k3/8/8/3n4/8/8/8/3RK3 w - -, d5, 325",
        "4k3/8/2p5/3n4/8/8/8/3RK3 w - -, d5, 0",
        "4k3/8/2p5/3n4/4P3/8/8/3RK3 w - -, d5, 325",
        "4k3/8/8/3r4/4K3/8/8/8 w - -, d5, 500",
        "3rk3/8/8/3r4/4K3/8/8/8 b - -, d5, 0",
    })
    void what_hangs_is_what_capturing_wins(String fen, String square, int loss) {
        Position p = Position.fromFen(fen);
        assertThat(LegalExchange.threatTo(p.toBoard(), Square.parse(square))).isEqualTo(loss);
    }

    @Property(tries = 2000)
    void what_is_said_to_be_won_can_be_taken_by_a_legal_move_that_wins(
            @ForAll Random random, @ForAll @IntRange(min = 10, max = 120) int plies) {
        Position p = RandomPositions.after(random, plies);
        Board board = p.toBoard();
        for (int square = 0; square < 64; square++) {
            Side taker = Side.values()[1 - (board.codeAt(square) >> 3)];
            boolean asked = board.codeAt(square) != 0 && board.typeAt(square) != 5;
            if (asked && taker == p.sideToMove()) {
                int told = LegalExchange.threatTo(board, square);
                int proved = best(p, square, -1);
                assertThat(told)
                        .as(p.fen() + " " + Square.name(square))
                        .isLessThanOrEqualTo(proved);
            }
        }
    }

    /**
     * The most that can be won by legal captures on a square, or of what stood behind the man that
     * took there last.
     */
    private static int best(Position p, int square, int left) {
        Board board = p.toBoard();
        int best = 0;
        for (Move move : p.legalMoves()) {
            int taken = board.codeAt(move.to()) == 0 ? 0 : value(board, move.to());
            Position next = p.play(move);
            if (taken > 0 && move.to() == square) {
                int placed = value(next.toBoard(), square) - value(board, move.from());
                best = Math.max(best, taken + placed - best(next, square, move.from()));
            } else if (taken > 0 && left >= 0 && passes(move, left)) {
                boolean back = next.legalMoves().stream().anyMatch(m -> m.to() == move.to());
                best = Math.max(best, taken - (back ? value(board, move.from()) : 0));
            }
        }
        return best;
    }

    private static int value(Board board, int square) {
        return StaticExchange.value(board.typeAt(square));
    }

    private static boolean passes(Move move, int square) {
        return (Attacks.between(move.from(), move.to()) & 1L << square) != 0;
    }
}
