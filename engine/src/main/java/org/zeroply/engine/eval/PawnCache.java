package org.zeroply.engine.eval;

/**
 * Remembers what depends on the pawns alone, and on the pawns and one king. Collisions are
 * impossible: both sets of pawns are compared.
 */
final class PawnCache {

    private final Entry[] entries;

    /**
     * @param size number of entries, a power of two; 1 for no memory at all
     */
    PawnCache(int size) {
        entries = new Entry[size];
        for (int i = 0; i < size; i++) {
            entries[i] = new Entry();
        }
    }

    /** What is known of one pawn structure; arrays by side. */
    static final class Entry {
        private final long[] pawns = {-1, -1};
        private final int[] coverKing = {-1, -1};
        private final int[] cover = new int[2];

        /** Packed value of the structure, and of candidates for passing. */
        final int[] structure = new int[2];

        final int[] candidates = new int[2];
        final long[] passed = new long[2];

        /** Squares the side's pawns attack or can come to attack. */
        final long[] span = new long[2];

        /** Packed value of the pawns before a side's king. */
        int cover(Survey s, int side) {
            if (coverKing[side] != s.king[side]) {
                coverKing[side] = s.king[side];
                cover[side] = KingSafety.cover(s, side);
            }
            return cover[side];
        }
    }

    Entry of(Survey s) {
        long white = s.pawns[0];
        long black = s.pawns[1];
        long hash = (white * 0x9E3779B97F4A7C15L ^ black) * 0xC2B2AE3D27D4EB4FL;
        Entry entry = entries[(int) (hash >>> 40) & entries.length - 1];
        if (entries.length == 1 || entry.pawns[0] != white || entry.pawns[1] != black) {
            entry.pawns[0] = white;
            entry.pawns[1] = black;
            for (int side = 0; side < 2; side++) {
                entry.coverKing[side] = -1;
                PawnStructure.fill(s, side, entry);
            }
        }
        return entry;
    }
}
