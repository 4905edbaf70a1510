package org.zeroply.engine.network;

/**
 * The loops of the network, each over whole arrays from their beginning: only such loops are turned
 * into vector instructions by the compiler of Java 17 (with an offset into one large array the same
 * work took four times as long).
 */
final class Kernels {

    private static final int ONE = Network.ONE;

    private Kernels() {}

    static void move(int[] to, int[] from, int[] added, int[] removed) {
        for (int i = 0; i < to.length; i++) {
            to[i] = from[i] + added[i] - removed[i];
        }
    }

    static void capture(int[] to, int[] from, int[] added, int[] removed, int[] taken) {
        for (int i = 0; i < to.length; i++) {
            to[i] = from[i] + added[i] - removed[i] - taken[i];
        }
    }

    static void add(int[] to, int[] row) {
        for (int i = 0; i < to.length; i++) {
            to[i] += row[i];
        }
    }

    /** Clips each value to 0 and {@link Network#ONE}, squares and weighs it. */
    static void weigh(int[] to, int[] values, int[] weights) {
        for (int i = 0; i < to.length; i++) {
            int x = values[i];
            x &= ~(x >> 31);
            int over = x - ONE;
            x = ONE + (over & over >> 31);
            to[i] = x * x * weights[i];
        }
    }

    /** The same, added to what is there. */
    static void weighMore(int[] to, int[] values, int[] weights) {
        for (int i = 0; i < to.length; i++) {
            int x = values[i];
            x &= ~(x >> 31);
            int over = x - ONE;
            x = ONE + (over & over >> 31);
            to[i] += x * x * weights[i];
        }
    }

    static int sum(int[] values) {
        int sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i];
        }
        return sum;
    }
}
