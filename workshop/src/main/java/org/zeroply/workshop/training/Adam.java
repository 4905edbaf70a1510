package org.zeroply.workshop.training;

import java.util.Arrays;

/**
 * Steps down the gradient by moments (D. Kingma, J. Ba, Adam: a method for stochastic optimization,
 * 2015), with the constants of that paper.
 */
final class Adam {

    private static final double FIRST = 0.9;
    private static final double SECOND = 0.999;
    private static final float TINY = 1e-8f;

    private final NetworkParameters p;
    private final NetworkParameters mean;
    private final NetworkParameters square;
    private double firstPower = 1;
    private double secondPower = 1;

    Adam(NetworkParameters parameters) {
        p = parameters;
        mean = new NetworkParameters(p.hidden);
        square = new NetworkParameters(p.hidden);
    }

    /**
     * One step, after which the gradients are zero again.
     *
     * @param gradients sums over a batch of positions, one of each thread
     * @param count positions of the batch
     */
    void step(NetworkParameters[] gradients, int count, double rate) {
        firstPower *= FIRST;
        secondPower *= SECOND;
        float pace = (float) (rate * Math.sqrt(1 - secondPower) / (1 - firstPower));
        float[][] values = p.all();
        float[][] means = mean.all();
        float[][] squares = square.all();
        float[][][] parts = new float[gradients.length][][];
        for (int t = 0; t < parts.length; t++) {
            parts[t] = gradients[t].all();
        }
        for (int k = 0; k < values.length; k++) {
            float[] sum = parts[0][k];
            for (int t = 1; t < parts.length; t++) {
                add(sum, parts[t][k]);
                Arrays.fill(parts[t][k], 0);
            }
            step(values[k], means[k], squares[k], sum, 1f / count, pace);
            Arrays.fill(sum, 0);
        }
        for (int s = 0; s < p.own.length; s++) {
            clip(p.own[s]);
            clip(p.theirs[s]);
        }
    }

    private static void add(float[] to, float[] from) {
        for (int i = 0; i < to.length; i++) {
            to[i] += from[i];
        }
    }

    private static void step(
            float[] values, float[] means, float[] squares, float[] sums, float share, float pace) {
        for (int i = 0; i < values.length; i++) {
            float g = sums[i] * share;
            means[i] += (g - means[i]) * (float) (1 - FIRST);
            squares[i] += (g * g - squares[i]) * (float) (1 - SECOND);
            values[i] -= pace * means[i] / ((float) Math.sqrt(squares[i]) + TINY);
        }
    }

    private static void clip(float[] weights) {
        for (int i = 0; i < weights.length; i++) {
            float most = NetworkParameters.MOST_OUTPUT;
            weights[i] = Math.max(-most, Math.min(most, weights[i]));
        }
    }
}
