package org.zeroply.engine.analysis;

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

    @Override
    public int compareTo(ExpectedScore other) {
        return Double.compare(value, other.value);
    }
}
