package org.zeroply.engine.eval;

/**
 * Two values in one int, for the middlegame and for the ending, in centipawns; sums and multiples
 * of packed values are packed sums and multiples.
 */
final class Taper {

    /** Phase of the start position: knights and bishops 1 each, rooks 2, queens 4. */
    static final int FULL_PHASE = 24;

    private Taper() {}

    static int of(int middlegame, int ending) {
        return (middlegame << 16) + ending;
    }

    static int middlegame(int packed) {
        return packed + 0x8000 >> 16;
    }

    static int ending(int packed) {
        return (short) packed;
    }

    /** The value at a phase from 0 (bare ending) to {@link #FULL_PHASE}; odd in its argument. */
    static int at(int packed, int phase) {
        return (middlegame(packed) * phase + ending(packed) * (FULL_PHASE - phase)) / FULL_PHASE;
    }
}
