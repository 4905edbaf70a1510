package org.zeroply.engine.search;

/**
 * Which moves are being searched by one of several threads just now, so that another one that comes
 * to the same position takes the others first and finds the result when it comes back (after J.-C.
 * Weill, The ABDADA distributed minimax-search algorithm, 1996, without his counts in the table).
 * It is a hint: where marks are lost or stay too long, a move is searched twice or late, but never
 * left out.
 */
final class Underway {

    /** With fewer plies left it takes less time to search a move again than to put it off. */
    static final int LEAST_DEPTH = 3;

    private static final int SLOTS = 1 << 12;

    /** Neighbouring places that a mark may take. */
    private static final int PLACES = 4;

    private final long[] marks = new long[SLOTS + PLACES];

    /** What stands for a move of a position; with another one left out it is another search. */
    static long mark(long key, int move, int leftOut) {
        long mixed = (key ^ (long) move << 16 ^ leftOut) * 0x9E3779B97F4A7C15L;
        return mixed ^ mixed >>> 32 | 1;
    }

    private static int place(long mark) {
        return (int) (mark >>> 8) & SLOTS - 1;
    }

    boolean has(long mark) {
        int place = place(mark);
        for (int i = place; i < place + PLACES; i++) {
            if (marks[i] == mark) {
                return true;
            }
        }
        return false;
    }

    void begin(long mark) {
        int place = place(mark);
        int free = place;
        for (int i = place; i < place + PLACES; i++) {
            if (marks[i] == mark) {
                return;
            }
            free = marks[free] != 0 && marks[i] == 0 ? i : free;
        }
        marks[free] = mark;
    }

    void end(long mark) {
        int place = place(mark);
        for (int i = place; i < place + PLACES; i++) {
            if (marks[i] == mark) {
                marks[i] = 0;
            }
        }
    }
}
