package org.zeroply.engine.search;

import java.util.Arrays;

/**
 * Remembers what was found for positions. Several searches may share one: each entry is two words,
 * the first being the key combined with the second, so that a torn entry is not recognised.
 */
final class TranspositionTable {

    static final int EXACT = 3;
    static final int LOWER = 2;
    static final int UPPER = 1;

    private final long[] words;
    private final int mask;
    private int age;

    /**
     * @param megabytes size in MiB, rounded down to a power of two
     */
    TranspositionTable(int megabytes) {
        int entries = Integer.highestOneBit(megabytes * (1 << 16));
        words = new long[2 * entries];
        mask = entries - 1;
    }

    void clear() {
        Arrays.fill(words, 0);
        age = 0;
    }

    void nextSearch() {
        age = age + 1 & 63;
    }

    /** The stored data for a key, or 0. */
    long probe(long key) {
        int slot = 2 * (int) (key & mask);
        long data = words[slot + 1];
        return (words[slot] ^ data) == key ? data : 0;
    }

    void store(long key, int move, int score, int depth, int bound) {
        int slot = 2 * (int) (key & mask);
        long old = words[slot + 1];
        boolean same = (words[slot] ^ old) == key;
        if (old != 0 && !same && age(old) == age && depth(old) > depth + 2 && bound != EXACT) {
            return;
        }
        if (same && bound != EXACT && depth(old) > depth + 3 && age(old) == age) {
            return;
        }
        int kept = move == 0 && same ? move(old) : move;
        long data =
                kept
                        | (long) (score + 0x8000) << 16
                        | (long) Math.max(0, depth) << 32
                        | (long) bound << 40
                        | (long) age << 42;
        words[slot] = key ^ data;
        words[slot + 1] = data;
    }

    static int move(long data) {
        return (int) data & 0xffff;
    }

    static int score(long data) {
        return ((int) (data >>> 16) & 0xffff) - 0x8000;
    }

    static int depth(long data) {
        return (int) (data >>> 32) & 0xff;
    }

    static int bound(long data) {
        return (int) (data >>> 40) & 3;
    }

    private static int age(long data) {
        return (int) (data >>> 42) & 63;
    }
}
