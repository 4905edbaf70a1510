package org.zeroply.coach.play;

import java.util.List;

/**
 * How strong the engine plays: it searches few nodes and now and then prefers a worse move. The
 * rating names a step on this program's own scale; it was not measured against people.
 *
 * @param rating 1000 to 2800
 */
public record Strength(int rating) {

    /** The steps offered. */
    public static final List<Strength> STEPS =
            List.of(
                    new Strength(1400),
                    new Strength(1600),
                    new Strength(1800),
                    new Strength(2000),
                    new Strength(2200),
                    new Strength(2500));

    /**
     * @throws IllegalArgumentException if the rating is out of range
     */
    public Strength {
        if (rating < 1000 || rating > 2800) {
            throw new IllegalArgumentException("a strength lies between 1000 and 2800");
        }
    }

    /** Nodes searched for each move. */
    public long nodes() {
        return Math.round(150 * Math.pow(2, (rating - 1400) / 180.0));
    }

    /** How readily a worse move is chosen: a loss of so much expected score weighs 1/e. */
    public double carelessness() {
        return Math.max(0.012, 0.095 - (rating - 1400) * 0.000075);
    }
}
