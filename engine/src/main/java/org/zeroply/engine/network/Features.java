package org.zeroply.engine.network;

/**
 * What the network sees of a position: which man stands where, from either side's view. From a
 * side's view its own men come first and move up the board, and the board is mirrored where its
 * king stands on the right half, so that the king is always on the left.
 */
public final class Features {

    /** Two sides of six types on 64 squares. */
    public static final int COUNT = 2 * 6 * 64;

    private Features() {}

    /** How squares are turned, by exclusive or, for a side whose king stands on a square. */
    public static int turn(int side, int king) {
        return (side == 0 ? 0 : 56) ^ ((king & 4) != 0 ? 7 : 0);
    }

    /**
     * Number of a feature, from 0.
     *
     * @param side whose view it is
     * @param turn see {@link #turn}
     * @param code of a man, as on a board
     */
    public static int of(int side, int turn, int code, int square) {
        int owner = code >> 3 ^ side;
        return owner * 384 + ((code & 7) - 1 << 6) + (square ^ turn);
    }
}
