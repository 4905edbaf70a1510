package org.zeroply.chess.board;

/**
 * Attack sets of sliding pieces without large tables, which would crowd the processor's cache: on
 * files and diagonals by subtraction from both ends (hyperbola quintessence: A. Peshkov, G.
 * Isenberg, 2007), on ranks by a table of 512 bytes.
 */
final class Rays {

    private static final long[] DIAGONAL = new long[64];
    private static final long[] ANTI_DIAGONAL = new long[64];

    /** By the six inner squares of a rank and the slider's file: the attacked squares. */
    private static final byte[] RANK = new byte[64 * 8];

    static {
        for (int s = 0; s < 64; s++) {
            DIAGONAL[s] = walk(s, 1, 1, 0) | walk(s, -1, -1, 0);
            ANTI_DIAGONAL[s] = walk(s, -1, 1, 0) | walk(s, 1, -1, 0);
        }
        for (int inner = 0; inner < 64; inner++) {
            for (int file = 0; file < 8; file++) {
                long occupied = (long) inner << 1;
                RANK[inner << 3 | file] =
                        (byte) (walk(file, 1, 0, occupied) | walk(file, -1, 0, occupied));
            }
        }
    }

    private Rays() {}

    private static long walk(int from, int fileStep, int rankStep, long occupied) {
        long set = 0;
        int file = (from & 7) + fileStep;
        int rank = (from >> 3) + rankStep;
        while (file >= 0 && file < 8 && rank >= 0 && rank < 8) {
            long bit = 1L << (rank << 3 | file);
            set |= bit;
            if ((occupied & bit) != 0) {
                break;
            }
            file += fileStep;
            rank += rankStep;
        }
        return set;
    }

    static long bishop(int square, long occupied) {
        return both(square, occupied, DIAGONAL[square])
                | both(square, occupied, ANTI_DIAGONAL[square]);
    }

    static long rook(int square, long occupied) {
        int rank = square & 56;
        int inner = (int) (occupied >>> rank + 1) & 63;
        long along = (RANK[inner << 3 | square & 7] & 0xffL) << rank;
        long file = Attacks.FILE_A << (square & 7) ^ 1L << square;
        return both(square, occupied, file) | along;
    }

    /** Both directions of a line that meets every rank at most once. */
    private static long both(int square, long occupied, long line) {
        long slider = 1L << square;
        long blockers = occupied & line;
        long up = blockers - 2 * slider;
        long down = Long.reverseBytes(Long.reverseBytes(blockers) - 2 * Long.reverseBytes(slider));
        return (up ^ down) & line;
    }
}
