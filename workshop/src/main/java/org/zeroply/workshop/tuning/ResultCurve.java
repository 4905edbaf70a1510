package org.zeroply.workshop.tuning;

import java.util.List;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.workshop.selfplay.JudgedPosition;

/**
 * The curve that turns centipawns best into results of games: both numbers of {@link
 * ExpectedScoreCurve#expected}.
 *
 * @param edge centipawns from which on a game is won more often than not
 * @param width centipawns
 * @param positions how many it was fitted to
 */
public record ResultCurve(double edge, double width, int positions) {

    /**
     * Centipawns from which on positions are left out: what is still drawn there is drawn by the
     * kind of its material, and would bend the curve where moves are compared.
     */
    static final int FAR = 600;

    private static final double MOST_EDGE = 400;
    private static final double LEAST_WIDTH = 20;
    private static final double MOST_WIDTH = 400;

    /** Centipawns by which the numbers are moved at first and at last. */
    private static final double FIRST_STEP = 64;

    private static final double LAST_STEP = 1;

    /**
     * The curve with the least logistic loss, to a centipawn: one number is moved at a time by
     * steps that are halved when none helps.
     */
    public static ResultCurve fit(List<JudgedPosition> samples) {
        List<JudgedPosition> near =
                samples.stream().filter(s -> Math.abs(s.score()) < FAR).toList();
        ResultCurve best = new ResultCurve(0, 100, near.size());
        double least = best.loss(near);
        for (double step = FIRST_STEP; step >= LAST_STEP; step /= 2) {
            boolean better = true;
            while (better) {
                better = false;
                for (ResultCurve other : best.beside(step)) {
                    double loss = other.loss(near);
                    if (loss < least) {
                        best = other;
                        least = loss;
                        better = true;
                    }
                }
            }
        }
        return best;
    }

    private List<ResultCurve> beside(double step) {
        return List.of(
                moved(step, 0),
                moved(-step, 0),
                moved(0, step),
                moved(0, -step),
                // The two pull in opposite directions.
                moved(step, -step / 4),
                moved(-step, step / 4));
    }

    private ResultCurve moved(double byEdge, double byWidth) {
        return new ResultCurve(
                Math.max(0, Math.min(MOST_EDGE, edge + byEdge)),
                Math.max(LEAST_WIDTH, Math.min(MOST_WIDTH, width + byWidth)),
                positions);
    }

    /** Mean logistic loss in nats of predicting the results of games. */
    double loss(List<JudgedPosition> samples) {
        double sum = 0;
        for (JudgedPosition sample : samples) {
            double p = ExpectedScoreCurve.expected(sample.score(), edge, width);
            double result = sample.points() / 2.0;
            sum -= result * Math.log(p) + (1 - result) * Math.log(1 - p);
        }
        return sum / Math.max(1, samples.size());
    }
}
