package org.zeroply.engine.eval;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

class EvaluatorTest {

    private final Evaluator evaluator = new Evaluator();
    private final Evaluator anew = new Evaluator();

    @Property(tries = 500)
    void the_terms_add_up_to_the_score(@ForAll long seed, @ForAll @IntRange(max = 150) int plies) {
        Position p = RandomPositions.after(new Random(seed), plies);
        int score = evaluator.evaluate(p.toBoard());
        int fromWhite = p.toBoard().sideToMove() == 0 ? score : -score;
        assertThat(evaluator.explain(p).total()).isEqualTo(fromWhite);
    }

    @Property(tries = 500)
    void colours_do_not_matter(@ForAll long seed, @ForAll @IntRange(max = 150) int plies) {
        Position p = RandomPositions.after(new Random(seed), plies);
        Position flipped = Position.fromFen(flip(p.fen()));
        assertThat(evaluator.evaluate(flipped.toBoard()))
                .isEqualTo(evaluator.evaluate(p.toBoard()));
        var here = evaluator.explain(p).terms();
        var there = evaluator.explain(flipped).terms();
        for (int i = 0; i < here.size(); i++) {
            EvaluationBreakdown.Entry entry = there.get(i);
            assertThat(entry.white() - entry.black())
                    .as(entry.name())
                    .isEqualTo(here.get(i).black() - here.get(i).white());
            assertThat(entry.white()).as(entry.name()).isCloseTo(here.get(i).black(), within(2));
        }
    }

    @Property(tries = 300)
    void what_is_kept_up_move_by_move_is_what_is_counted_anew(@ForAll long seed) {
        Random random = new Random(seed);
        Board board = Position.START.toBoard();
        int foundation = evaluator.foundation(board);
        for (int i = 0; i < 150; i++) {
            List<Move> moves = Position.of(board).legalMoves();
            if (moves.isEmpty()) {
                return;
            }
            int move = moves.get(random.nextInt(moves.size())).packed();
            foundation += evaluator.change(board, move);
            board.make(move);
            assertThat(foundation).isEqualTo(evaluator.foundation(board));
            assertThat(evaluator.evaluate(board, foundation)).isEqualTo(anew.evaluate(board));
        }
    }

    /** The same position with colours exchanged and the board turned upside down. */
    private static String flip(String fen) {
        String[] f = fen.split(" ");
        String[] ranks = swapCase(f[0]).split("/");
        StringBuilder board = new StringBuilder();
        for (int i = 7; i >= 0; i--) {
            board.append(ranks[i]).append(i > 0 ? "/" : "");
        }
        String enPassant =
                f[3].equals("-") ? "-" : f[3].charAt(0) + (f[3].charAt(1) == '3' ? "6" : "3");
        String side = f[1].equals("w") ? "b" : "w";
        return board
                + " "
                + side
                + " "
                + swapCase(f[2])
                + " "
                + enPassant
                + " "
                + f[4]
                + " "
                + f[5];
    }

    private static String swapCase(String text) {
        StringBuilder swapped = new StringBuilder();
        for (char c : text.toCharArray()) {
            swapped.append(
                    Character.isUpperCase(c) ? Character.toLowerCase(c) : Character.toUpperCase(c));
        }
        return swapped.toString();
    }
}
