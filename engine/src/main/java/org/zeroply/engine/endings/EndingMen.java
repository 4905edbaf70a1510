package org.zeroply.engine.endings;

import org.zeroply.chess.board.Attacks;

/** How the few men of an ending move; a placement is given by the squares in the index's order. */
final class EndingMen {

    private final EndingIndex index;

    EndingMen(EndingIndex index) {
        this.index = index;
    }

    /** Where a man can have come from, captures and promotions aside. */
    long origins(int m, int to, long occupied) {
        if (index.type[m] != 0) {
            return Attacks.of(index.type[m], to, occupied) & ~occupied;
        }
        int step = index.side[m] == 0 ? -8 : 8;
        int from = to + step;
        if (from < 8 || from >= 56 || (occupied & 1L << from) != 0) {
            return 0;
        }
        long set = 1L << from;
        boolean doubled = to >> 3 == (index.side[m] == 0 ? 3 : 4);
        if (doubled && (occupied & 1L << from + step) == 0) {
            set |= 1L << from + step;
        }
        return set;
    }

    /** Whether a double step can be answered by taking in passing. */
    boolean canBeTakenInPassing(int m, int from, int to, int[] at) {
        if (index.type[m] != 0 || Math.abs(from - to) != 16) {
            return false;
        }
        for (int other = 2; other < index.men; other++) {
            if (index.type[other] == 0
                    && index.side[other] != index.side[m]
                    && at[other] >> 3 == to >> 3
                    && Math.abs(at[other] - to) == 1) {
                return true;
            }
        }
        return false;
    }

    /** Where a man can go, its own king left aside. */
    long targets(int m, int[] at, long occupied) {
        long own = 0;
        for (int other = 0; other < index.men; other++) {
            if (index.side[other] == index.side[m]) {
                own |= 1L << at[other];
            }
        }
        int from = at[m];
        if (index.type[m] != 0) {
            return Attacks.of(index.type[m], from, occupied) & ~own;
        }
        int side = index.side[m];
        long set = Attacks.pawn(side, from) & occupied & ~own;
        int step = side == 0 ? 8 : -8;
        if ((occupied & 1L << from + step) == 0) {
            set |= 1L << from + step;
            boolean home = from >> 3 == (side == 0 ? 1 : 6);
            if (home && (occupied & 1L << from + 2 * step) == 0) {
                set |= 1L << from + 2 * step;
            }
        }
        return set;
    }

    /** Whether a move to a square promotes. */
    boolean isPromotion(int m, int to) {
        return index.type[m] == 0 && (to < 8 || to >= 56);
    }

    /**
     * Whether a side attacks a square.
     *
     * @param without a man that does not count, or -1
     */
    boolean isAttacked(int square, int by, int[] at, int without) {
        long occupied = occupied(at);
        for (int m = 0; m < index.men; m++) {
            if (index.side[m] == by && m != without) {
                long reach =
                        index.type[m] == 0
                                ? Attacks.pawn(by, at[m])
                                : Attacks.of(index.type[m], at[m], occupied);
                if ((reach & 1L << square) != 0) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The man on a square, or -1. */
    int manAt(int square, int[] at) {
        for (int m = 0; m < index.men; m++) {
            if (at[m] == square) {
                return m;
            }
        }
        return -1;
    }

    /** All squares taken. */
    static long occupied(int[] at) {
        long set = 0;
        for (int square : at) {
            set |= 1L << square;
        }
        return set;
    }
}
