package org.zeroply.engine.search;

import java.util.Arrays;

/**
 * Remembers what was found for positions. Several searches may share one: each entry is two words,
 * the first being the key combined with the second, so that a torn entry is not recognised (R.
 * Hyatt, T. Mann, A lock-less transposition table, 2002). Four entries make a bucket of the size of
 * a line of the processor's cache.
 */
final class TranspositionTable {

    static final int EXACT = 3;
    static final int LOWER = 2;
    static final int UPPER = 1;

    /** Stands for a static evaluation that was not made. */
    static final int NO_EVALUATION = -32_768;

    /** The largest size, in MiB. */
    private static final int MOST = 8192;

    private static final long MAIN = 1L << 39;
    private static final int BUCKET = 8;

    /** Words skipped so that buckets begin at multiples of 64 bytes after the array's header. */
    private static final int OFFSET = 6;

    private final long[] words;
    private final long mask;

    /** Where what is not found here may be; null for nowhere. */
    private final TranspositionTable behind;

    private int age;

    /** At most this part of the memory is taken, as a second table may be wanted beside it. */
    private static final int PART = 4;

    /**
     * What of a size fits into the memory of this program.
     *
     * @param megabytes a size in MiB
     * @return the same or less, in MiB, at least 1
     */
    static int fitting(int megabytes) {
        long most = Runtime.getRuntime().maxMemory() / PART >> 20;
        return (int) Math.max(1, Math.min(megabytes, Math.min(most, MOST)));
    }

    /**
     * @param megabytes size in MiB, 1 to {@value #MOST}, rounded down to a power of two
     */
    TranspositionTable(int megabytes) {
        int buckets = Integer.highestOneBit(megabytes * (1 << 14));
        words = new long[buckets * BUCKET + BUCKET];
        mask = buckets - 1;
        behind = null;
    }

    /** A table of the same size that gives what another one knows too, and leaves it as it is. */
    TranspositionTable(TranspositionTable behind) {
        words = new long[behind.words.length];
        mask = behind.mask;
        this.behind = behind;
    }

    void clear() {
        Arrays.fill(words, 0);
        age = 0;
    }

    void nextSearch() {
        age = age + 1 & 63;
    }

    private int bucket(long key) {
        return OFFSET + (int) (key & mask) * BUCKET;
    }

    /** Reads where a key would be, so that it lies in the processor's cache when probed. */
    long touch(long key) {
        return words[bucket(key)];
    }

    /** The stored data for a key, or 0. */
    long probe(long key) {
        int slot = bucket(key);
        for (int i = slot; i < slot + BUCKET; i += 2) {
            long data = words[i + 1];
            if ((words[i] ^ data) == key) {
                return data;
            }
        }
        return behind == null ? 0 : behind.probe(key);
    }

    /**
     * Stores a result; the entry least worth keeping makes way.
     *
     * @param evaluation the static evaluation, or {@link #NO_EVALUATION}
     * @param main whether the position lies on a main line, or did so earlier in this search
     */
    void store(long key, int move, int score, int evaluation, int depth, int bound, boolean main) {
        int slot = bucket(key);
        int victim = slot;
        int least = Integer.MAX_VALUE;
        int kept = move;
        for (int i = slot; i < slot + BUCKET; i += 2) {
            long data = words[i + 1];
            if ((words[i] ^ data) == key) {
                if (bound != EXACT && depth < depth(data) - 3 && age(data) == age) {
                    return;
                }
                kept = move == 0 ? move(data) : move;
                victim = i;
                break;
            }
            int worth = data == 0 ? -1000 : depth(data) - 8 * (age - age(data) & 63);
            if (worth < least) {
                least = worth;
                victim = i;
            }
        }
        long data =
                kept
                        | (long) (score + 0x8000) << 16
                        | (long) Math.max(0, depth) << 32
                        | (main ? MAIN : 0)
                        | (long) bound << 40
                        | (long) age << 42
                        | (long) evaluation << 48;
        words[victim] = key ^ data;
        words[victim + 1] = data;
    }

    /** How full the table is with entries of this search, in thousandths, from a sample. */
    int fullness() {
        int used = 0;
        int sample = Math.min(words.length - BUCKET, 2 * 1000);
        for (int i = OFFSET; i < OFFSET + sample; i += 2) {
            long data = words[i + 1];
            used += data != 0 && age(data) == age ? 1 : 0;
        }
        return used * 2000 / sample;
    }

    static int move(long data) {
        return (int) data & 0xffff;
    }

    static int score(long data) {
        return ((int) (data >>> 16) & 0xffff) - 0x8000;
    }

    static int depth(long data) {
        return (int) (data >>> 32) & 0x7f;
    }

    /**
     * Whether the position lay on a main line of this search. Those of searches before do not
     * count: from move to move they would become more and more, and what lies on a main line is
     * searched almost in full.
     */
    boolean isMain(long data) {
        return (data & MAIN) != 0 && age(data) == age;
    }

    static int bound(long data) {
        return (int) (data >>> 40) & 3;
    }

    static int evaluation(long data) {
        return (int) (data >> 48);
    }

    private static int age(long data) {
        return (int) (data >>> 42) & 63;
    }
}
