package org.zeroply.workshop.tuning;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.zeroply.workshop.selfplay.JudgedPosition;

/** Finds the scale of the logistic curve that turns centipawns best into results of games. */
public final class LogisticScale {

    private static final double LEAST = 40;
    private static final double MOST = 600;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private LogisticScale() {}

    /**
     * The scale in centipawns with the least logistic loss (golden section search).
     *
     * @param centipawns what is thought of a sample, for who is to move
     */
    public static double fit(
            List<JudgedPosition> samples, ToDoubleFunction<JudgedPosition> centipawns) {
        double[] x = samples.stream().mapToDouble(centipawns).toArray();
        double[] y = samples.stream().mapToDouble(s -> s.points() / 2.0).toArray();
        double low = LEAST;
        double high = MOST;
        while (high - low > 0.25) {
            double a = high - GOLDEN * (high - low);
            double b = low + GOLDEN * (high - low);
            if (loss(x, y, a) < loss(x, y, b)) {
                high = b;
            } else {
                low = a;
            }
        }
        return (low + high) / 2;
    }

    /** Mean logistic loss in nats of predicting results from centipawns. */
    static double loss(double[] centipawns, double[] results, double scale) {
        double sum = 0;
        for (int i = 0; i < centipawns.length; i++) {
            double z = centipawns[i] / scale;
            // -log of the logistic function, without overflow.
            double won = Math.max(0, -z) + Math.log1p(Math.exp(-Math.abs(z)));
            sum += results[i] * won + (1 - results[i]) * (won + z);
        }
        return sum / Math.max(1, centipawns.length);
    }
}
