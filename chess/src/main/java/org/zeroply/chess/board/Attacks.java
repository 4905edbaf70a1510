package org.zeroply.chess.board;

/** Attack sets on bitboards. */
public final class Attacks {

    static final long FILE_A = 0x0101010101010101L;
    static final long FILE_H = FILE_A << 7;

    private static final long[] KNIGHT = new long[64];
    private static final long[] KING = new long[64];
    private static final long[] DIAGONALS = new long[64];
    private static final long[] STRAIGHTS = new long[64];
    private static final long[][] PAWN = new long[2][64];
    private static final long[][] BETWEEN = new long[64][64];
    private static final long[][] LINE = new long[64][64];

    static {
        int[] knightSteps = {17, 15, 10, 6, -17, -15, -10, -6};
        int[] kingSteps = {1, 7, 8, 9, -1, -7, -8, -9};
        for (int s = 0; s < 64; s++) {
            KNIGHT[s] = steps(s, knightSteps);
            KING[s] = steps(s, kingSteps);
            DIAGONALS[s] = Rays.bishop(s, 0);
            STRAIGHTS[s] = Rays.rook(s, 0);
            PAWN[0][s] = steps(s, new int[] {7, 9});
            PAWN[1][s] = steps(s, new int[] {-7, -9});
        }
        for (int a = 0; a < 64; a++) {
            for (int b = 0; b < 64; b++) {
                fillLines(a, b);
            }
        }
    }

    private Attacks() {}

    private static long steps(int from, int[] steps) {
        long set = 0;
        for (int step : steps) {
            int to = from + step;
            if (to >= 0 && to < 64 && Math.abs(Square.file(to) - Square.file(from)) <= 2) {
                set |= 1L << to;
            }
        }
        return set;
    }

    private static void fillLines(int a, int b) {
        long ends = 1L << a | 1L << b;
        if (a != b && (rook(a, 0) & 1L << b) != 0) {
            LINE[a][b] = rook(a, 0) & rook(b, 0) | ends;
            BETWEEN[a][b] = rook(a, 1L << b) & rook(b, 1L << a);
        } else if (a != b && (bishop(a, 0) & 1L << b) != 0) {
            LINE[a][b] = bishop(a, 0) & bishop(b, 0) | ends;
            BETWEEN[a][b] = bishop(a, 1L << b) & bishop(b, 1L << a);
        }
    }

    /** Squares a knight attacks. */
    public static long knight(int square) {
        return KNIGHT[square];
    }

    /** Squares a king attacks. */
    public static long king(int square) {
        return KING[square];
    }

    /** Squares a pawn of the given side (0 white, 1 black) attacks. */
    public static long pawn(int side, int square) {
        return PAWN[side][square];
    }

    /** Squares that pawns of the given side (0 white, 1 black) on a set of squares attack. */
    public static long pawns(int side, long set) {
        long left = set & ~FILE_A;
        long right = set & ~FILE_H;
        return side == 0 ? left << 7 | right << 9 : left >>> 9 | right >>> 7;
    }

    /** Squares a bishop attacks on an empty board. */
    public static long diagonals(int square) {
        return DIAGONALS[square];
    }

    /** Squares a rook attacks on an empty board. */
    public static long straights(int square) {
        return STRAIGHTS[square];
    }

    /** Squares a bishop attacks with these squares occupied, the first blocker included. */
    public static long bishop(int square, long occupied) {
        return Rays.bishop(square, occupied);
    }

    /** Squares a rook attacks with these squares occupied, the first blocker included. */
    public static long rook(int square, long occupied) {
        return Rays.rook(square, occupied);
    }

    /** Squares a queen attacks with these squares occupied, the first blockers included. */
    public static long queen(int square, long occupied) {
        return bishop(square, occupied) | rook(square, occupied);
    }

    /** Squares attacked by a piece of the given type (1 knight to 5 king). */
    public static long of(int type, int square, long occupied) {
        return switch (type) {
            case 1 -> knight(square);
            case 2 -> bishop(square, occupied);
            case 3 -> rook(square, occupied);
            case 4 -> queen(square, occupied);
            case 5 -> king(square);
            default -> throw new IllegalArgumentException("not a piece type: " + type);
        };
    }

    /** The squares strictly between two squares of one line, else none. */
    public static long between(int a, int b) {
        return BETWEEN[a][b];
    }

    /** The whole line through two squares, both ends of the board included, else none. */
    public static long line(int a, int b) {
        return LINE[a][b];
    }
}
