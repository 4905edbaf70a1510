package org.zeroply.engine.search;

import java.util.Arrays;

/**
 * A large table of numbers that are learnt, 0 to begin with. A short search touches little of it,
 * and where each search begins anew, clearing all of it would take longer than the search: what was
 * touched is noted by blocks, and only these are cleared.
 */
final class Ranks {

    /** Values lie within ± this. */
    static final int MOST = 1 << 14;

    /** Blocks of 64 values, 128 bytes: what belongs to one man and what went before lies in one. */
    private static final int BLOCK_BITS = 6;

    private static final int BLOCK = 1 << BLOCK_BITS;

    private final short[] values;

    /** A bit for each block that may hold anything but zeros. */
    private final long[] touched;

    /**
     * @param size a multiple of 4,096, so that blocks fill whole words
     */
    Ranks(int size) {
        values = new short[size];
        touched = new long[size >> BLOCK_BITS + 6];
    }

    int at(int index) {
        return values[index];
    }

    /** Moves a value towards ± {@link #MOST}, less the nearer it is. */
    void adjust(int index, int by) {
        int value = values[index];
        values[index] = (short) (value + by - value * Math.abs(by) / MOST);
        int block = index >> BLOCK_BITS;
        touched[block >> 6] |= 1L << block;
    }

    void clear() {
        for (int i = 0; i < touched.length; i++) {
            for (long left = touched[i]; left != 0; left &= left - 1) {
                int from = (i << 6 | Long.numberOfTrailingZeros(left)) << BLOCK_BITS;
                Arrays.fill(values, from, from + BLOCK, (short) 0);
            }
            touched[i] = 0;
        }
    }
}
