package org.zeroply.workshop.training;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.zeroply.engine.network.Features;
import org.zeroply.engine.network.Network;
import org.zeroply.engine.network.NetworkWeights;

/**
 * The numbers of a network while it learns, or as many gradients of them. An output of 1 is a unit
 * of the logistic function.
 */
final class NetworkParameters {

    /** Output weights stay where the quantised ones fit into a byte. */
    static final float MOST_OUTPUT = 127f / Network.OUTPUT_ONE;

    /** Share of what hidden values begun by chance count that further ones begin with. */
    private static final float HARDLY = 0.1f;

    final int hidden;
    final float[][] rows;
    final float[] base;
    final float[][] own = new float[Network.STAGES][];
    final float[][] theirs = new float[Network.STAGES][];
    final float[] constants = new float[Network.STAGES];

    /** All zero. */
    NetworkParameters(int hidden) {
        this.hidden = hidden;
        rows = new float[Features.COUNT][hidden];
        base = new float[hidden];
        for (int s = 0; s < Network.STAGES; s++) {
            own[s] = new float[hidden];
            theirs[s] = new float[hidden];
        }
    }

    /** By chance, from a seed. */
    static NetworkParameters random(int hidden, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        NetworkParameters p = new NetworkParameters(hidden);
        for (float[] row : p.rows) {
            fill(row, random, 0.12);
        }
        Arrays.fill(p.base, 0.3f);
        fill(p.own[0], random, 0.25);
        fill(p.theirs[0], random, 0.25);
        for (int s = 1; s < Network.STAGES; s++) {
            p.own[s] = p.own[0].clone();
            p.theirs[s] = p.theirs[0].clone();
        }
        return p;
    }

    /**
     * Those of a finished network, with further hidden values that hardly count yet, by chance.
     *
     * @param hidden values in all, at least those of the network
     * @param centipawns what a unit of the logistic function is to be worth from now on
     * @throws IllegalArgumentException if there are to be fewer hidden values
     */
    static NetworkParameters of(NetworkWeights from, int hidden, double centipawns, long seed) {
        int known = from.base().length;
        if (hidden < known) {
            throw new IllegalArgumentException("the network has " + known + " hidden values");
        }
        NetworkParameters p = random(hidden, seed);
        for (int f = 0; f < Features.COUNT; f++) {
            unround(from.features(), f * known, known, Network.ONE, p.rows[f]);
        }
        unround(from.base(), 0, known, Network.ONE, p.base);
        double one = Network.OUTPUT_ONE * centipawns / from.centipawns();
        for (int s = 0; s < Network.STAGES; s++) {
            for (int i = known; i < hidden; i++) {
                p.own[s][i] *= HARDLY;
                p.theirs[s][i] *= HARDLY;
            }
            unround(from.output(), 2 * s * known, known, one, p.own[s]);
            unround(from.output(), (2 * s + 1) * known, known, one, p.theirs[s]);
            double sum = from.constants()[s] / (one * Network.ONE * Network.ONE);
            p.constants[s] = (float) sum;
        }
        return p;
    }

    private static void unround(short[] from, int at, int count, double one, float[] to) {
        for (int i = 0; i < count; i++) {
            to[i] = (float) (from[at + i] / one);
        }
    }

    private static void fill(float[] values, SplittableRandom random, double most) {
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) ((2 * random.nextDouble() - 1) * most);
        }
    }

    /** All arrays, always in the same order. */
    float[][] all() {
        float[][] all = new float[rows.length + 2 + 2 * Network.STAGES][];
        System.arraycopy(rows, 0, all, 0, rows.length);
        int n = rows.length;
        all[n++] = base;
        all[n++] = constants;
        for (int s = 0; s < Network.STAGES; s++) {
            all[n++] = own[s];
            all[n++] = theirs[s];
        }
        return all;
    }

    /** Rounded to whole numbers. */
    NetworkWeights quantised(double centipawns) {
        short[] features = new short[Features.COUNT * hidden];
        for (int f = 0; f < Features.COUNT; f++) {
            round(rows[f], features, f * hidden, Network.ONE);
        }
        short[] bases = new short[hidden];
        round(base, bases, 0, Network.ONE);
        short[] output = new short[2 * Network.STAGES * hidden];
        int[] sums = new int[Network.STAGES];
        for (int s = 0; s < Network.STAGES; s++) {
            round(own[s], output, 2 * s * hidden, Network.OUTPUT_ONE);
            round(theirs[s], output, (2 * s + 1) * hidden, Network.OUTPUT_ONE);
            double one = (double) Network.ONE * Network.ONE * Network.OUTPUT_ONE;
            sums[s] = (int) Math.round(constants[s] * one);
        }
        return new NetworkWeights(features, bases, output, sums, (int) Math.round(centipawns));
    }

    private static void round(float[] from, short[] to, int at, int one) {
        for (int i = 0; i < from.length; i++) {
            int whole = Math.round(from[i] * one);
            to[at + i] = (short) Math.max(Short.MIN_VALUE, Math.min(Short.MAX_VALUE, whole));
        }
    }
}
