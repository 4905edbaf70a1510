package org.zeroply.workshop.tuning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import org.zeroply.engine.eval.Coefficients;
import org.zeroply.engine.eval.Weights;
import org.zeroply.workshop.selfplay.JudgedPosition;

/**
 * Fits the weights of the evaluation by gradient descent on the logistic loss: the evaluation,
 * turned into an expected score, is to predict the results of games. The steps are those of Adam
 * (D. Kingma, J. Ba, Adam: A Method for Stochastic Optimization, 2015). One sample in ten is held
 * back and only measured.
 */
public final class Tuner {

    private static final double STEP = 0.6;
    private static final int HELD_BACK = 10;
    private static final int BATCH = 16_384;

    /** Samples are held back by stretches, so that those of one game stay together. */
    private static final int BLOCK = 200;

    private final double pull;
    private final List<Coefficients> coefficients = new ArrayList<>();
    private final double[] targets;
    private final double[] begun;
    private final double[] values;
    private final double[] slope;
    private final double[] mean;
    private final double[] square;
    private final double scale;
    private int steps;

    /**
     * @param scale centipawns of the logistic curve; see {@link LogisticScale}
     * @param resultShare share of the game's result in what is to be predicted, 0 to 1; the rest is
     *     the opinion of the search
     * @param pull pull towards the values begun with, so that rare weights stay sensible: loss in
     *     nats added for the square of a centipawn, halved
     */
    public Tuner(
            List<JudgedPosition> samples,
            Weights start,
            double scale,
            double resultShare,
            double pull) {
        this.scale = scale;
        this.pull = pull;
        Coefficients.Source source = new Coefficients.Source(start);
        targets = new double[samples.size()];
        for (int i = 0; i < targets.length; i++) {
            JudgedPosition sample = samples.get(i);
            coefficients.add(source.of(sample.position()));
            targets[i] =
                    resultShare * sample.points() / 2.0
                            + (1 - resultShare) * expected(sample.score());
        }
        int[] packed = start.packed();
        begun = new double[2 * packed.length];
        for (int i = 0; i < packed.length; i++) {
            begun[2 * i] = Weights.middlegame(packed[i]);
            begun[2 * i + 1] = Weights.ending(packed[i]);
        }
        values = begun.clone();
        slope = new double[values.length];
        mean = new double[values.length];
        square = new double[values.length];
    }

    /**
     * Goes through all samples so many times.
     *
     * @param finished told the number of every round finished
     */
    public void run(int rounds, IntConsumer finished) {
        for (int round = 1; round <= rounds; round++) {
            double step = STEP * (1 - 0.9 * round / rounds);
            for (int from = 0; from < targets.length; from += BATCH) {
                step(from, Math.min(targets.length, from + BATCH), step);
            }
            finished.accept(round);
        }
    }

    /** Mean loss, in nats, over the samples that are learnt from. */
    public double loss() {
        return loss(false);
    }

    /** Mean loss, in nats, over the samples held back. */
    public double lossHeldBack() {
        return loss(true);
    }

    private double loss(boolean heldBack) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < targets.length; i++) {
            if (isHeldBack(i) == heldBack) {
                double p = Math.max(1e-9, Math.min(1 - 1e-9, expected(evaluate(i))));
                sum -= targets[i] * Math.log(p) + (1 - targets[i]) * Math.log(1 - p);
                count++;
            }
        }
        return sum / Math.max(1, count);
    }

    private static boolean isHeldBack(int i) {
        return i / BLOCK % HELD_BACK == 0;
    }

    private double expected(double centipawns) {
        return 1 / (1 + Math.exp(-centipawns / scale));
    }

    private double evaluate(int i) {
        Coefficients c = coefficients.get(i);
        double middlegame = 0;
        double ending = 0;
        for (int k = 0; k < c.indices().length; k++) {
            int w = 2 * c.indices()[k];
            middlegame += c.counts()[k] * values[w];
            ending += c.counts()[k] * values[w + 1];
        }
        return c.rest() + c.share() * (middlegame * c.phase() + ending * (1 - c.phase()));
    }

    private void step(int from, int to, double size) {
        Arrays.fill(slope, 0);
        for (int i = from; i < to; i++) {
            if (isHeldBack(i)) {
                continue;
            }
            Coefficients c = coefficients.get(i);
            double error = (expected(evaluate(i)) - targets[i]) * c.share() / (to - from);
            for (int k = 0; k < c.indices().length; k++) {
                int w = 2 * c.indices()[k];
                slope[w] += error * c.counts()[k] * c.phase();
                slope[w + 1] += error * c.counts()[k] * (1 - c.phase());
            }
        }
        steps++;
        double meanShare = 1 - Math.pow(0.9, steps);
        double squareShare = 1 - Math.pow(0.999, steps);
        for (int w = 0; w < values.length; w++) {
            double g = slope[w] + pull * (values[w] - begun[w]);
            mean[w] = 0.9 * mean[w] + 0.1 * g;
            square[w] = 0.999 * square[w] + 0.001 * g * g;
            values[w] -= size * mean[w] / meanShare / (Math.sqrt(square[w] / squareShare) + 1e-8);
        }
    }

    /** The weights as they are now, rounded to centipawns. */
    public int[] packed() {
        int[] packed = new int[values.length / 2];
        for (int i = 0; i < packed.length; i++) {
            packed[i] =
                    Weights.pack(
                            (int) Math.round(values[2 * i]), (int) Math.round(values[2 * i + 1]));
        }
        return packed;
    }
}
