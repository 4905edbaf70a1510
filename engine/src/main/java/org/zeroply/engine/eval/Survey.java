package org.zeroply.engine.eval;

import org.zeroply.chess.board.Board;

/**
 * What several terms need to know about a position, worked out once; used again and again to avoid
 * allocation.
 */
final class Survey {

    static final long FILE_A = 0x0101010101010101L;
    static final long FILE_H = FILE_A << 7;
    static final long LIGHT = 0x55aa55aa55aa55aaL;

    private static final long[][] FRONT = new long[2][64];
    private static final long[] NEIGHBOURS = new long[64];

    static {
        for (int square = 0; square < 64; square++) {
            long file = file(square);
            NEIGHBOURS[square] = (file & ~FILE_A) >>> 1 | (file & ~FILE_H) << 1;
            long wide = file | NEIGHBOURS[square];
            int rank = square >> 3;
            FRONT[0][square] = rank == 7 ? 0 : wide & -1L << 8 * (rank + 1);
            FRONT[1][square] = rank == 0 ? 0 : wide & -1L >>> 64 - 8 * rank;
        }
    }

    final Weights weights;
    final PawnCache pawnCache;
    final Camp white = new Camp(0);
    final Camp black = new Camp(1);
    Board board;
    int phase;
    long occupied;

    Survey(Weights weights, PawnCache pawnCache) {
        this.weights = weights;
        this.pawnCache = pawnCache;
    }

    void take(Board b) {
        board = b;
        occupied = b.occupied();
        phase = phase(b);
        white.takeMen(b);
        black.takeMen(b);
        pawnCache.turnTo(this);
        white.takeReach(black, weights);
        black.takeReach(white, weights);
    }

    /** From {@link Taper#FULL_PHASE} with all pieces on the board to 0 with none. */
    static int phase(Board b) {
        int weight =
                Long.bitCount(b.piecesOfType(1) | b.piecesOfType(2))
                        + 2 * Long.bitCount(b.piecesOfType(3))
                        + 4 * Long.bitCount(b.piecesOfType(4));
        return Math.min(weight, Taper.FULL_PHASE);
    }

    static long doublePawnAttacks(long pawns, int side) {
        return side == 0
                ? (pawns & ~FILE_A) << 7 & (pawns & ~FILE_H) << 9
                : (pawns & ~FILE_A) >>> 9 & (pawns & ~FILE_H) >>> 7;
    }

    /** The rank of a square counted from a side's own first rank, 0 to 7. */
    static int rankFor(int side, int square) {
        return square >> 3 ^ (side == 0 ? 0 : 7);
    }

    static long file(int square) {
        return FILE_A << (square & 7);
    }

    static long neighbours(int square) {
        return NEIGHBOURS[square];
    }

    /** The squares in front of a square, on its own file and the files beside it. */
    static long front(int side, int square) {
        return FRONT[side][square];
    }

    static long forward(int side, long squares) {
        return side == 0 ? squares << 8 : squares >>> 8;
    }

    static int distance(int a, int b) {
        return Math.max(Math.abs((a & 7) - (b & 7)), Math.abs((a >> 3) - (b >> 3)));
    }
}
