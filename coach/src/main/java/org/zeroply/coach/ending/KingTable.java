package org.zeroply.coach.ending;

/**
 * The results of all placements of both kings with one set of pawns, with either side to move, as
 * in {@link Plies}.
 */
final class KingTable {

    /** Stands where no legal position is. */
    static final short ILLEGAL = Short.MAX_VALUE;

    /** Placements of both kings with either side to move. */
    static final int SIZE = 2 << 12;

    private final short[] values;
    private final boolean certain;

    /**
     * @param values by {@link #index}
     * @param certain whether nothing unknown had to be assumed for any of them
     */
    KingTable(short[] values, boolean certain) {
        this.values = values;
        this.certain = certain;
    }

    /** Whether nothing unknown had to be assumed for any of the results. */
    boolean isCertain() {
        return certain;
    }

    static int index(int side, int white, int black) {
        return side << 12 | white << 6 | black;
    }

    /** The result for the side to move, or {@link #ILLEGAL}. */
    int value(int side, int white, int black) {
        return values[index(side, white, black)];
    }
}
