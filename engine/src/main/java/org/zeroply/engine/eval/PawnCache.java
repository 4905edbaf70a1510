package org.zeroply.engine.eval;

/**
 * Remembers what depends on the pawns alone, and on the pawns and one king. Collisions are
 * impossible: both sets of pawns are compared. All lies in one array, an entry in two lines of the
 * processor's cache.
 */
final class PawnCache {

    private static final int WORDS = 16;
    private static final int PASSED = 2;
    private static final int SPAN = 4;
    private static final int STRUCTURE = 6;
    private static final int CANDIDATES = 8;
    private static final int COVER = 10;

    /** King squares that the covers belong to, plus one; 0 for none. */
    private static final int COVERED_KING = 12;

    private final long[] words;
    private final int mask;
    private final boolean remembers;
    private int at;

    /**
     * @param size number of entries, a power of two; 1 for no memory at all
     */
    PawnCache(int size) {
        words = new long[size * WORDS];
        mask = size - 1;
        remembers = size > 1;
    }

    /** Turns to the pawns of a survey; the other methods then tell about them. */
    void turnTo(Survey s) {
        long white = s.white.pawns;
        long black = s.black.pawns;
        at = ((int) (s.board.pawnHash() >>> 40) & mask) * WORDS;
        boolean empty = words[at + STRUCTURE] == 0 && (white | black) == 0;
        if (!remembers || empty || words[at] != white || words[at + 1] != black) {
            words[at] = white;
            words[at + 1] = black;
            words[at + COVERED_KING] = 0;
            words[at + COVERED_KING + 1] = 0;
            PawnStructure.fill(s.weights, s.white, s.black, this);
            PawnStructure.fill(s.weights, s.black, s.white, this);
        }
    }

    void set(int side, int structure, int candidates, long passed, long span) {
        words[at + STRUCTURE + side] = structure;
        words[at + CANDIDATES + side] = candidates;
        words[at + PASSED + side] = passed;
        words[at + SPAN + side] = span;
    }

    /** Packed value of the structure of a side's pawns. */
    int structure(int side) {
        return (int) words[at + STRUCTURE + side];
    }

    /** Packed value of a side's pawns that can become passed ones. */
    int candidates(int side) {
        return (int) words[at + CANDIDATES + side];
    }

    /** Passed pawns of a side. */
    long passed(int side) {
        return words[at + PASSED + side];
    }

    /** Squares a side's pawns attack or can come to attack. */
    long span(int side) {
        return words[at + SPAN + side];
    }

    /** Packed value of the pawns before a side's king. */
    int cover(Weights weights, Camp us, Camp them) {
        int side = us.side;
        if (words[at + COVERED_KING + side] != us.king + 1) {
            words[at + COVERED_KING + side] = us.king + 1;
            words[at + COVER + side] = KingSafety.cover(weights, us, them);
        }
        return (int) words[at + COVER + side];
    }
}
