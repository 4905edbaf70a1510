package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;

/**
 * How hard a position is to play, beside what it is worth.
 *
 * @param best the best move with its line
 * @param widths along the best line from this position on: how many moves keep the result
 * @param depthFound the depth in plies from which on the best move stays best; 1 when it leads from
 *     the start
 * @param temptation the move that leads before that depth, if another one does
 */
public record Difficulty(
        Weighed best, List<Width> widths, int depthFound, Optional<Temptation> temptation) {

    public Difficulty {
        widths = List.copyOf(widths);
    }

    /**
     * How many moves keep the result at one ply of the line.
     *
     * @param ply 0-based, from the position looked at
     * @param white whether White is to move
     * @param result the result that the best move promises the side to move
     * @param keeping moves that promise the same, the best one included
     * @param legal legal moves in all
     */
    public record Width(int ply, boolean white, ResultClass result, int keeping, int legal) {

        /** Whether a side has to find the one move that keeps what it has. */
        public boolean isTightrope() {
            return keeping == 1 && legal > 1;
        }
    }

    /**
     * A move that looks best at a shallow look and is found worse by a deep one.
     *
     * @param move the move
     * @param untilDepth the last depth at which it led, in plies
     * @param loss expected score given away by it, 0 to 1
     * @param changesResult whether it gives the result away, and not only a part of the advantage
     * @param refutation the move and what follows it
     */
    public record Temptation(
            Move move, int untilDepth, double loss, boolean changesResult, List<Move> refutation) {
        public Temptation {
            refutation = List.copyOf(refutation);
        }
    }

    /** The mean of the widths of one side, in moves; nothing when the line has no move of it. */
    public OptionalDouble width(boolean white) {
        return widths.stream().filter(w -> w.white() == white).mapToInt(Width::keeping).average();
    }
}
