package org.zeroply.coach.ending;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;

/**
 * What an ending is.
 *
 * @param result for the side to move
 * @param proof how it is known
 * @param bestMoves the quickest win, the longest defence, or every move that draws; empty when
 *     unclear
 * @param keeping all moves that keep the result
 * @param zugzwang who would rather not be to move
 * @param triangulation the way to hand the move over, if that is how it is won
 * @param line best play to mate, to a promotion that wins, or for a while in a draw
 * @param ways the plans, and the direct tries that fail
 * @param graph the solved graph of a pawn ending, for the picture of squares
 */
public record EndingReport(
        Result result,
        Proof proof,
        List<Move> bestMoves,
        List<Move> keeping,
        Zugzwang zugzwang,
        Optional<Triangulation> triangulation,
        List<Move> line,
        EndingWays ways,
        Optional<PawnEnding> graph) {

    public EndingReport {
        bestMoves = List.copyOf(bestMoves);
        keeping = List.copyOf(keeping);
        line = List.copyOf(line);
    }

    /** The result for the side to move. */
    public enum Result {
        WIN,
        DRAW,
        LOSS,
        UNCLEAR;

        static Result of(int value) {
            return value > 0 ? WIN : value < 0 ? LOSS : DRAW;
        }

        /** Lower case, for files and sentences. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How a result is known. */
    public enum Proof {
        /** By a graph that closes, or by the exact tables. */
        EXACT,
        /** By search, wholly or where promotions had to be judged. */
        SEARCH;

        /** Lower case, for files and sentences. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Who is in zugzwang with the men as they stand. Mutual: whoever is to move does worse than if
     * the other were. One side alone: it loses if it is to move here, the other side wins with the
     * move as well, but not if this side could stand still here.
     */
    public enum Zugzwang {
        NONE,
        WHITE,
        BLACK,
        MUTUAL;

        /** Lower case, for files and sentences. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
