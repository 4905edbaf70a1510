package org.zeroply.chess.board;

/**
 * Squares are plain ints from 0 (a1) to 63 (h8), rank by rank. This class names them and takes them
 * apart; files and ranks are 0-based.
 */
public final class Square {

    public static final int A1 = 0, C1 = 2, D1 = 3, E1 = 4, F1 = 5, G1 = 6, H1 = 7;
    public static final int A8 = 56, C8 = 58, D8 = 59, E8 = 60, F8 = 61, G8 = 62, H8 = 63;

    private Square() {}

    /** The square on the given 0-based file and rank. */
    public static int at(int file, int rank) {
        return rank << 3 | file;
    }

    /** The 0-based file, 0 for the a-file. */
    public static int file(int square) {
        return square & 7;
    }

    /** The 0-based rank, 0 for the first rank. */
    public static int rank(int square) {
        return square >> 3;
    }

    /** Whether the square is a light one, as h1 is. */
    public static boolean isLight(int square) {
        return ((square ^ square >> 3) & 1) != 0;
    }

    /** The name in notation, such as {@code e4}. */
    public static String name(int square) {
        return "" + (char) ('a' + file(square)) + (char) ('1' + rank(square));
    }

    /** The square with this name, or -1 when the text names none. */
    public static int parse(String name) {
        if (name.length() != 2) {
            return -1;
        }
        int file = name.charAt(0) - 'a';
        int rank = name.charAt(1) - '1';
        return file < 0 || file > 7 || rank < 0 || rank > 7 ? -1 : at(file, rank);
    }

    /** The bitboard that holds only this square. */
    public static long bit(int square) {
        return 1L << square;
    }
}
