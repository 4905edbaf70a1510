package org.zeroply.chess.board;

/**
 * Tells in constant time which piece move lies between two positions, from the difference of their
 * keys alone. The moves are kept in a cuckoo hash table (R. Pagh, F. Rodler, Cuckoo Hashing, 2004).
 */
final class ReturnMoves {

    private static final int SIZE = 1 << 13;
    private static final long[] KEYS = new long[SIZE];
    private static final short[] SQUARES = new short[SIZE];

    static {
        for (int code = 1; code < 16; code++) {
            int type = (code & 7) - 1;
            if (type < 1 || type > 5) {
                continue;
            }
            for (int a = 0; a < 64; a++) {
                for (int b = a + 1; b < 64; b++) {
                    if ((Attacks.of(type, a, 0) & 1L << b) != 0) {
                        insert(
                                Zobrist.PIECE[code][a]
                                        ^ Zobrist.PIECE[code][b]
                                        ^ Zobrist.BLACK_TO_MOVE,
                                (short) (a | b << 6));
                    }
                }
            }
        }
    }

    private ReturnMoves() {}

    private static void insert(long newKey, short newSquares) {
        long key = newKey;
        short squares = newSquares;
        int slot = first(key);
        while (true) {
            long oldKey = KEYS[slot];
            short oldSquares = SQUARES[slot];
            KEYS[slot] = key;
            SQUARES[slot] = squares;
            if (oldKey == 0) {
                return;
            }
            key = oldKey;
            squares = oldSquares;
            slot = slot == first(key) ? second(key) : first(key);
        }
    }

    private static int first(long key) {
        return (int) key & SIZE - 1;
    }

    private static int second(long key) {
        return (int) (key >>> 16) & SIZE - 1;
    }

    /**
     * The two squares, packed like a move in either direction, between which one piece can make the
     * step that this difference of keys stands for; -1 if there is none.
     *
     * @param occupied squares that block a sliding piece
     */
    static int squares(long difference, long occupied) {
        int slot = first(difference);
        if (KEYS[slot] != difference) {
            slot = second(difference);
            if (KEYS[slot] != difference) {
                return -1;
            }
        }
        int squares = SQUARES[slot];
        return (Attacks.between(squares & 63, squares >> 6 & 63) & occupied) == 0 ? squares : -1;
    }
}
