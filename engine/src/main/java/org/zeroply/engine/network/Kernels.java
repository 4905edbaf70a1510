package org.zeroply.engine.network;

/**
 * The loops of the network, each over whole arrays from their beginning: only such loops are turned
 * into vector instructions by the compiler of Java 17 (with an offset into one large array the same
 * work took four times as long). Hidden values need no more than 16 bits, but numbers of 16 bits
 * are not vectorised where they are clipped, so two of them share one of 32.
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

    static void remove(int[] to, int[] row) {
        for (int i = 0; i < to.length; i++) {
            to[i] -= row[i];
        }
    }

    /** Two whole numbers of 16 bits in one: sums of such pairs are the pairs of the sums. */
    static int pair(int low, int high) {
        return (high << 16) + low;
    }

    private static int low(int pair) {
        return pair << 16 >> 16;
    }

    private static int high(int pair) {
        return pair - low(pair) >> 16;
    }

    /** Clips a value to 0 and {@link Network#ONE} and squares it, without a branch. */
    private static int squared(int value) {
        int positive = value & ~(value >> 31);
        int over = positive - ONE;
        int clipped = ONE + (over & over >> 31);
        return clipped * clipped;
    }

    /**
     * Clips each of the paired values, squares and weighs it; the sum of it all.
     *
     * @param low weights of the low halves
     * @param high weights of the high halves
     */
    static int weighed(int[] values, int[] low, int[] high) {
        int sum = 0;
        for (int i = 0; i < values.length; i++) {
            int pair = values[i];
            sum += squared(low(pair)) * low[i] + squared(high(pair)) * high[i];
        }
        return sum;
    }
}
