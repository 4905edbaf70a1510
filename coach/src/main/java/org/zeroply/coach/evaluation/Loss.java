package org.zeroply.coach.evaluation;

import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * What a move gives away of the expected score.
 *
 * @param points points of a hundred; never negative
 */
public record Loss(double points) {

    /** Nothing given away. */
    public static final Loss NONE = new Loss(0);

    /**
     * @throws IllegalArgumentException when negative or no number
     */
    public Loss {
        if (!(points >= 0)) {
            throw new IllegalArgumentException("a loss cannot be " + points);
        }
    }

    /** Between two expected scores of one side; none when the second is the higher one. */
    public static Loss between(ExpectedScore best, ExpectedScore other) {
        return other.compareTo(best) >= 0 ? NONE : new Loss(best.points() - other.points());
    }

    /** What a move gives away against another one. */
    public static Loss of(Weighed move, Weighed best) {
        return between(best.expected(), move.expected());
    }

    /** Whether it is more than so much of the expected score, 0 to 1. */
    public boolean exceeds(double share) {
        return points > 100 * share;
    }

    /** In words: {@code 12 points of 100}. */
    public String words() {
        long rounded = Math.round(points);
        return rounded == 1
                ? CoachWords.of("evaluation.1-point-of-100")
                : CoachWords.of("evaluation.points-of-100", rounded);
    }
}
