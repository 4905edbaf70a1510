package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;

/**
 * What several terms need to know about a position, worked out once; reused to avoid allocation.
 * Arrays of two are by side, 0 white and 1 black.
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
    Board board;
    int phase;
    long occupied;
    final int[] king = new int[2];
    final long[] pawns = new long[2];
    final long[] pawnAttacks = new long[2];

    /** Squares attacked by a side's men of one type: {@code byType[side * 6 + type]}. */
    final long[] byType = new long[12];

    /** Squares attacked by anything of a side, and by two men or more. */
    final long[] attacks = new long[2];

    final long[] twice = new long[2];

    final long[] kingZone = new long[2];

    /** Weight of a side's pieces that bear on the enemy king's zone, and how many they are. */
    final int[] kingPressure = new int[2];

    final int[] kingAttackers = new int[2];

    /** Mobility of a side, packed. */
    final int[] mobility = new int[2];

    private static final int[] PRESSURE = {0, 20, 14, 22, 30, 0};
    private static final int[] MOVES = {
        0, Weights.KNIGHT_MOVES, Weights.BISHOP_MOVES, Weights.ROOK_MOVES, Weights.QUEEN_MOVES
    };

    Survey(Weights weights, PawnCache pawnCache) {
        this.weights = weights;
        this.pawnCache = pawnCache;
    }

    void take(Board b) {
        board = b;
        occupied = b.occupied();
        phase = phase(b);
        for (int side = 0; side < 2; side++) {
            king[side] = b.kingSquare(side);
            pawns[side] = b.pieces(side, 0);
            pawnAttacks[side] = pawnAttacks(pawns[side], side);
        }
        pawnCache.turnTo(this);
        pieces(0);
        pieces(1);
    }

    /** From {@link Taper#FULL_PHASE} with all pieces on the board to 0 with none. */
    static int phase(Board b) {
        int weight =
                Long.bitCount(b.piecesOfType(1) | b.piecesOfType(2))
                        + 2 * Long.bitCount(b.piecesOfType(3))
                        + 4 * Long.bitCount(b.piecesOfType(4));
        return Math.min(weight, Taper.FULL_PHASE);
    }

    private void pieces(int side) {
        int them = 1 - side;
        long ownKing = Attacks.king(king[side]);
        long theirs = Attacks.king(king[them]);
        long zone = theirs | 1L << king[them] | (them == 0 ? theirs << 8 : theirs >>> 8);
        kingZone[them] = zone;
        long low = side == 0 ? 0xffff00L : 0xffff0000000000L;
        long shifted = side == 0 ? occupied >>> 8 : occupied << 8;
        long stuck = pawns[side] & (low | shifted);
        long free = ~(stuck | 1L << king[side] | pawnAttacks[them]);
        long queens = board.pieces(side, 4);
        long all = pawnAttacks[side] | ownKing;
        long two = pawnAttacks[side] & ownKing | doublePawnAttacks(pawns[side], side);
        int pressure = 0;
        int attackers = 0;
        int moves = 0;
        byType[side * 6 + 0] = pawnAttacks[side];
        byType[side * 6 + 5] = ownKing;
        for (int type = 1; type < 5; type++) {
            long reached = 0;
            // A bishop looks through its queen, a rook through queen and rooks.
            long blockers =
                    type == 2
                            ? occupied ^ queens
                            : type == 3 ? occupied ^ queens ^ board.pieces(side, 3) : occupied;
            for (long s = board.pieces(side, type); s != 0; s &= s - 1) {
                long reach = Attacks.of(type, Long.numberOfTrailingZeros(s), blockers);
                two |= all & reach;
                all |= reach;
                reached |= reach;
                long hits = reach & zone;
                if (hits != 0) {
                    attackers++;
                    pressure += PRESSURE[type] + 7 * Long.bitCount(hits & theirs);
                }
                moves += weights.times(side, MOVES[type] + Long.bitCount(reach & free), 1);
            }
            byType[side * 6 + type] = reached;
        }
        attacks[side] = all;
        twice[side] = two;
        kingPressure[side] = pressure;
        kingAttackers[side] = attackers;
        mobility[side] = moves;
    }

    static long pawnAttacks(long pawns, int side) {
        return side == 0
                ? (pawns & ~FILE_A) << 7 | (pawns & ~FILE_H) << 9
                : (pawns & ~FILE_A) >>> 9 | (pawns & ~FILE_H) >>> 7;
    }

    private static long doublePawnAttacks(long pawns, int side) {
        return side == 0
                ? (pawns & ~FILE_A) << 7 & (pawns & ~FILE_H) << 9
                : (pawns & ~FILE_A) >>> 9 & (pawns & ~FILE_H) >>> 7;
    }

    /** The rank of a square counted from a side's own first rank, 0 to 7. */
    static int rankFor(int side, int square) {
        return side == 0 ? square >> 3 : 7 - (square >> 3);
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
