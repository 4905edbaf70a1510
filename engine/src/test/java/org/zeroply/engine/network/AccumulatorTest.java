package org.zeroply.engine.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;

class AccumulatorTest {

    private static final int PASS = -1;

    private final Accumulator anew = new Accumulator(Network.shipped(), 1);

    @Property(tries = 300)
    void what_is_kept_up_along_a_line_is_what_is_worked_out_anew(@ForAll long seed) {
        Random random = new Random(seed);
        Board board = RandomPositions.after(random, random.nextInt(60)).toBoard();
        Accumulator kept = new Accumulator(Network.shipped(), 40);
        kept.begin(board);
        Deque<Integer> line = new ArrayDeque<>();
        for (int i = 0; i < 200; i++) {
            List<Move> moves = Position.of(board).legalMoves();
            boolean back = line.size() == 39 || moves.isEmpty() || random.nextInt(3) == 0;
            if (back && line.isEmpty()) {
                continue;
            }
            if (back) {
                takeBack(board, line.pop());
            } else if (random.nextInt(8) == 0 && !board.inCheck()) {
                kept.notePass(line.size());
                board.makeNull();
                line.push(PASS);
            } else {
                int move = moves.get(random.nextInt(moves.size())).packed();
                kept.note(board, move, line.size());
                board.make(move);
                line.push(move);
            }
            // Not every position of a line is judged, as in a search.
            if (random.nextBoolean()) {
                assertThat(kept.judge(board, line.size())).isEqualTo(judged(board));
            }
        }
    }

    @Property(tries = 300)
    void colours_and_sides_do_not_matter(
            @ForAll long seed, @ForAll @IntRange(max = 150) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        int judged = judged(position.toBoard());
        for (Symmetry symmetry : Symmetry.values()) {
            symmetry.of(position).ifPresent(p -> assertThat(judged(p.toBoard())).isEqualTo(judged));
        }
    }

    @Property(tries = 200)
    void counters_and_rights_do_not_matter(@ForAll long seed) {
        Position position = RandomPositions.after(new Random(seed), 30);
        String[] fen = position.fen().split(" ");
        Position other = Position.fromFen(fen[0] + " " + fen[1] + " - - 77 120");
        assertThat(judged(other.toBoard())).isEqualTo(judged(position.toBoard()));
    }

    /** One hidden value: a pawn of one's own counts 51 (0.2), one of the opponent's -51. */
    @ParameterizedTest
    @CsvSource({
        // 0.2 + 0.3 = 0.5, squared 0.25; for the other side 0.1, squared 0.01.
        "4k3/8/8/8/8/8/4P3/4K3 w - - 0 1, 24",
        "4k3/8/8/8/8/8/4P3/4K3 b - - 0 1, -24",
        // Both see one pawn each: 0.3 and 0.3.
        "4k3/4p3/8/8/8/8/4P3/4K3 w - - 0 1, 0",
        // Clipped: five pawns are 1.3, which counts as 1; the other side sees -0.7, nothing.
        "4k3/8/8/8/8/8/PPPPP3/4K3 w - - 0 1, 100"
    })
    void a_small_network_is_worked_out_by_hand(String fen, int centipawns) {
        short[] features = new short[Features.COUNT];
        for (int square = 0; square < 64; square++) {
            features[square] = 51;
            features[384 + square] = -51;
        }
        short[] output = new short[2 * Network.STAGES];
        for (int s = 0; s < Network.STAGES; s++) {
            output[2 * s] = Network.OUTPUT_ONE;
            output[2 * s + 1] = -Network.OUTPUT_ONE;
        }
        NetworkWeights weights =
                new NetworkWeights(
                        features, new short[] {77}, output, new int[Network.STAGES], 100);
        Board board = Position.fromFen(fen).toBoard();
        Accumulator accumulator = new Accumulator(new Network(weights), 1);
        accumulator.begin(board);
        assertThat(accumulator.judge(board, 0)).isEqualTo(centipawns);
    }

    @Test
    void a_queen_more_is_seen() {
        Board board =
                Position.fromFen("rnb1kbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1")
                        .toBoard();
        assertThat(judged(board)).isGreaterThan(600);
    }

    private static void takeBack(Board board, int move) {
        if (move == PASS) {
            board.unmakeNull();
        } else {
            board.unmake(move);
        }
    }

    private int judged(Board board) {
        anew.begin(board);
        return anew.judge(board, 0);
    }
}
