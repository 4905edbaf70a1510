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

    /** Two whole numbers of 16 bits in one: sums of such pairs are the pairs of the sums. */
    static int pair(int low, int high) {
        return (high << 16) + low;
    }

    /**
     * Clips each of the paired values to 0 and {@link Network#ONE}, squares and weighs it.
     *
     * @param low weights of the low halves
     * @param high weights of the high halves
     */
    static void weigh(int[] to, int[] values, int[] low, int[] high) {
        for (int i = 0; i < to.length; i++) {
            int pair = values[i];
            int x = pair << 16 >> 16;
            int y = pair - x >> 16;
            x &= ~(x >> 31);
            y &= ~(y >> 31);
            int overX = x - ONE;
            int overY = y - ONE;
            x = ONE + (overX & overX >> 31);
            y = ONE + (overY & overY >> 31);
            to[i] = x * x * low[i] + y * y * high[i];
        }
    }

    /** The same, added to what is there. */
    static void weighMore(int[] to, int[] values, int[] low, int[] high) {
        for (int i = 0; i < to.length; i++) {
            int pair = values[i];
            int x = pair << 16 >> 16;
            int y = pair - x >> 16;
            x &= ~(x >> 31);
            y &= ~(y >> 31);
            int overX = x - ONE;
            int overY = y - ONE;
            x = ONE + (overX & overX >> 31);
            y = ONE + (overY & overY >> 31);
            to[i] += x * x * low[i] + y * y * high[i];
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
