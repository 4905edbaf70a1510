package org.zeroply.coach.ending;

import java.util.Locale;
import java.util.Optional;

/**
 * What an ending is.
 *
 * @param result for the side to move
 * @param proof how it is known
 * @param moves the best ones, those that keep the result, and how it goes on
 * @param zugzwang who would rather not be to move
 * @param triangulation the way to hand the move over, if that is how it is won
 * @param ways the plans, and the direct tries that fail
 * @param graph the solved graph of a pawn ending, for the picture of squares
 */
public record EndingReport(
        Result result,
        Proof proof,
        EndingMoves moves,
        Zugzwang zugzwang,
        Optional<Triangulation> triangulation,
        EndingWays ways,
        Optional<PawnEnding> graph) {

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
