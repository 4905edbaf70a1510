package org.zeroply.coach.training.rating;

/**
 * A strength and how sure it is.
 *
 * @param value on the usual scale of chess ratings
 * @param deviation standard deviation, in rating points
 * @param volatility how much the strength itself is expected to change
 */
public record Rating(double value, double deviation, double volatility) {

    /** Deviation of what is not known at all, as in Glicko-2. */
    public static final double UNKNOWN = 350;

    /** Volatility to begin with, as in Glicko-2. */
    public static final double VOLATILITY = 0.06;

    /** A strength nobody knows. */
    public static final Rating NEW = new Rating(1500, UNKNOWN, VOLATILITY);

    /**
     * @throws IllegalArgumentException if deviation or volatility are not positive
     */
    public Rating {
        if (!(deviation > 0) || !(volatility > 0) || Double.isNaN(value)) {
            throw new IllegalArgumentException("a rating needs a deviation and a volatility");
        }
    }

    /** A strength that is known about. */
    public static Rating about(double value, double deviation) {
        return new Rating(value, deviation, VOLATILITY);
    }

    /** Rounded, with the half width of the range that holds it in 19 of 20 cases: 1640 ± 120. */
    public String text() {
        return Math.round(value) + " ± " + Math.round(1.96 * deviation);
    }
}
