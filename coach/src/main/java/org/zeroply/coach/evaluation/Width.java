package org.zeroply.coach.evaluation;

import org.zeroply.engine.analysis.Analysis;

/** How many moves do: those hardly weaker than the best one. */
public final class Width {

    private Width() {}

    /**
     * How many moves are within {@link MoveComparison#WEAKER} of the best one.
     *
     * @param all an analysis that tells all moves apart
     */
    public static int of(Analysis all) {
        return of(all, all.best().map(Analysis.Candidate::expected).orElse(0.5));
    }

    /**
     * The same where a longer search found what the best move is worth: that move always counts.
     *
     * @param best expected score of the best move, 0 to 1
     */
    public static int of(Analysis all, double best) {
        long good =
                all.lines().stream()
                        .filter(
                                c ->
                                        !Loss.between(best, c.expected())
                                                .exceeds(MoveComparison.WEAKER))
                        .count();
        return (int) Math.max(1, good);
    }
}
