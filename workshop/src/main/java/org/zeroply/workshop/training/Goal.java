package org.zeroply.workshop.training;

import org.zeroply.workshop.selfplay.JudgedPosition;

/**
 * What positions should be worth, as expected scores of who is to move.
 *
 * @param centipawns a search's score that is worth one unit of the logistic function
 * @param resultShare how much the result of the game counts, 0 to 1; the rest is the search's score
 */
record Goal(double centipawns, double resultShare) {

    private static final int LOOKED_AT = 200_000;

    /** The expected score of an output, in units of the logistic function. */
    static double expected(double output) {
        return 1 / (1 + Math.exp(-output));
    }

    /** The goal for a position. */
    double of(JudgedPosition position) {
        double searched = expected(position.score() / centipawns);
        return (1 - resultShare) * searched + resultShare * position.points() / 2.0;
    }

    /** The square of how far an output is from the goal, as expected scores. */
    double missed(double output, JudgedPosition position) {
        double missed = expected(output) - of(position);
        return missed * missed;
    }

    /** The score that is worth a unit, by what became of the games. */
    static double fitted(TrainingSet set) {
        double low = 50;
        double high = 1000;
        while (high - low > 1) {
            double a = low + (high - low) / 3;
            double b = high - (high - low) / 3;
            if (missed(set, a) < missed(set, b)) {
                high = b;
            } else {
                low = a;
            }
        }
        return low;
    }

    private static double missed(TrainingSet set, double centipawns) {
        int[] numbers = set.learnt();
        int step = Math.max(1, numbers.length / LOOKED_AT);
        Goal result = new Goal(centipawns, 1);
        double sum = 0;
        for (int i = 0; i < numbers.length; i += step) {
            JudgedPosition position = set.get(numbers[i]);
            sum += result.missed(position.score() / centipawns, position);
        }
        return sum;
    }
}
