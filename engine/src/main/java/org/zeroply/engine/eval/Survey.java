package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;

/**
 * What several terms need to know about a position, worked out once; reused to avoid allocation.
 */
final class Survey {

    static final long FILE_A = 0x0101010101010101L;
    static final long FILE_H = FILE_A << 7;

    Board board;
    int phase;
    final int[] king = new int[2];
    final long[] pawns = new long[2];
    final long[] pawnAttacks = new long[2];

    /** Squares attacked by anything of a side. */
    final long[] attacks = new long[2];

    /** Squares a side's pieces may count as moves: not own men, not guarded by enemy pawns. */
    final long[] free = new long[2];

    final long[] kingZone = new long[2];

    /** Weight of a side's pieces that bear on the enemy king's zone, and how many they are. */
    final int[] kingPressure = new int[2];

    final int[] kingAttackers = new int[2];

    /** Mobility of a side, packed. */
    final int[] mobility = new int[2];

    private static final int[] PRESSURE = {0, 20, 20, 40, 80, 0};
    private static final int[] MOBILITY = {
        0, Taper.of(4, 4), Taper.of(4, 5), Taper.of(2, 4), Taper.of(1, 3), 0
    };
    private static final int[] TYPICAL_MOVES = {0, 4, 6, 7, 13, 0};

    void take(Board b) {
        board = b;
        int weight =
                Long.bitCount(b.piecesOfType(1) | b.piecesOfType(2))
                        + 2 * Long.bitCount(b.piecesOfType(3))
                        + 4 * Long.bitCount(b.piecesOfType(4));
        phase = Math.min(weight, Taper.FULL_PHASE);
        for (int side = 0; side < 2; side++) {
            king[side] = b.kingSquare(side);
            pawns[side] = b.pieces(side, 0);
            pawnAttacks[side] = pawnAttacks(pawns[side], side);
            long around = Attacks.king(king[side]) | 1L << king[side];
            kingZone[side] = around | (side == 0 ? around << 8 : around >>> 8);
        }
        for (int side = 0; side < 2; side++) {
            free[side] = ~(pawns[side] | 1L << king[side] | pawnAttacks[1 - side]);
            pieces(side);
        }
    }

    private void pieces(int side) {
        long occupied = board.occupied();
        long all = pawnAttacks[side] | Attacks.king(king[side]);
        int pressure = 0;
        int attackers = 0;
        int moves = 0;
        for (int type = 1; type < 5; type++) {
            for (long s = board.pieces(side, type); s != 0; s &= s - 1) {
                long reach = Attacks.of(type, Long.numberOfTrailingZeros(s), occupied);
                all |= reach;
                int hits = Long.bitCount(reach & kingZone[1 - side]);
                if (hits > 0) {
                    attackers++;
                    pressure += PRESSURE[type] * Math.min(hits, 3) / 2;
                }
                moves += MOBILITY[type] * (Long.bitCount(reach & free[side]) - TYPICAL_MOVES[type]);
            }
        }
        attacks[side] = all;
        kingPressure[side] = pressure;
        kingAttackers[side] = attackers;
        mobility[side] = moves;
    }

    static long pawnAttacks(long pawns, int side) {
        return side == 0
                ? (pawns & ~FILE_A) << 7 | (pawns & ~FILE_H) << 9
                : (pawns & ~FILE_A) >>> 9 | (pawns & ~FILE_H) >>> 7;
    }

    /** The rank of a square counted from a side's own first rank, 0 to 7. */
    static int rankFor(int side, int square) {
        return side == 0 ? square >> 3 : 7 - (square >> 3);
    }

    static long file(int square) {
        return FILE_A << (square & 7);
    }

    static long neighbours(int square) {
        long file = file(square);
        return (file & ~FILE_A) >>> 1 | (file & ~FILE_H) << 1;
    }

    /** The squares in front of a square, on its own file and the files beside it. */
    static long front(int side, int square) {
        long wide = file(square) | neighbours(square);
        int rank = square >> 3;
        if (side == 0) {
            return rank == 7 ? 0 : wide & -1L << 8 * (rank + 1);
        }
        return rank == 0 ? 0 : wide & -1L >>> 64 - 8 * rank;
    }
}
