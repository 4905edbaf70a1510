package org.zeroply.engine.analysis;

import org.zeroply.chess.tree.Verdict;

/**
 * Points of a game that a side may expect: 1 for a win, a half for a draw, 0 for a loss.
 *
 * @param value 0 to 1
 */
public record ExpectedScore(double value) implements Comparable<ExpectedScore> {

    public static final ExpectedScore WIN = new ExpectedScore(1);
    public static final ExpectedScore DRAW = new ExpectedScore(0.5);
    public static final ExpectedScore LOSS = new ExpectedScore(0);

    private static final int HUNDRED = 100;

    /** How far from a half a verdict begins. */
    private static final double SLIGHTLY = 0.065;

    private static final double BETTER = 0.17;
    private static final double WON = 0.35;

    /**
     * @throws IllegalArgumentException when not between 0 and 1
     */
    public ExpectedScore {
        if (!(value >= 0 && value <= 1)) {
            throw new IllegalArgumentException("no expected score: " + value);
        }
    }

    /** What the other side may expect. */
    public ExpectedScore opponents() {
        return new ExpectedScore(1 - value);
    }

    /** In points of a hundred. */
    public double points() {
        return HUNDRED * value;
    }

    /** By how much it is higher than another one of the same side, -1 to 1. */
    public double over(ExpectedScore other) {
        return value - other.value;
    }

    /** The higher one of two. */
    public ExpectedScore or(ExpectedScore other) {
        return value >= other.value ? this : other;
    }

    /**
     * The verdict in the words of annotation. What is a small edge with all pieces on the board may
     * be nothing in an ending, so points decide and not centipawns: within 0.065 of a half it is
     * level, within 0.17 slightly better, within 0.35 better, and won beyond. The bounds are this
     * program's own choice; with all pieces they are 30, 80 and 200 centipawns.
     *
     * @param white whether it is White's
     */
    public Verdict verdict(boolean white) {
        double lead = (white ? 1 : -1) * over(DRAW);
        double size = Math.abs(lead);
        if (size < SLIGHTLY) {
            return Verdict.EQUAL;
        }
        if (size < BETTER) {
            return lead > 0 ? Verdict.WHITE_SLIGHTLY : Verdict.BLACK_SLIGHTLY;
        }
        if (size < WON) {
            return lead > 0 ? Verdict.WHITE_BETTER : Verdict.BLACK_BETTER;
        }
        return lead > 0 ? Verdict.WHITE_WINS : Verdict.BLACK_WINS;
    }

    @Override
    public int compareTo(ExpectedScore other) {
        return Double.compare(value, other.value);
    }
}
