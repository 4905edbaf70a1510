package org.zeroply.engine.search;

import java.util.Arrays;
import org.zeroply.chess.board.Board;

/**
 * By how much searches found positions better or worse than they had been judged as they stood,
 * remembered by what the positions have in common: the pawns, the pieces of either side, the last
 * move. A position judged too well again and again is then judged less well at once. For each there
 * is a mean that forgets, deeper searches counting more.
 */
final class Corrections {

    /** Parts of a centipawn in the tables. */
    private static final int GRAIN = 256;

    /** No mean is further from 0, in centipawns. */
    private static final int MOST = 96;

    /** A mean moves by so many parts of {@value #GRAIN} at most towards what was found. */
    private static final int MOST_WEIGHT = 16;

    /** What was found further off counts as if it were so far, in centipawns. */
    private static final int MOST_STEP = 300;

    private static final int BITS = 14;
    private static final int SIZE = 1 << BITS;
    private static final int PAWNS = 0;
    private static final int WHITE_PIECES = 1;
    private static final int BLACK_PIECES = 2;
    private static final int TABLES = 3;

    /** By what is common and the side to move; 16 bits, to leave room in the processor's cache. */
    private final short[] means = new short[TABLES * 2 * SIZE];

    /** By the slot of the last move. */
    private final short[] afterMove = new short[1024];

    void clear() {
        Arrays.fill(means, (short) 0);
        Arrays.fill(afterMove, (short) 0);
    }

    /**
     * Centipawns to add to the judgement of the position on a board, for the side to move.
     *
     * @param lastSlot slot of the move that led to it, {@link History#slot}
     */
    int of(Board board, int lastSlot) {
        int pieces =
                means[index(WHITE_PIECES, board, pieces(board, 0))]
                        + means[index(BLACK_PIECES, board, pieces(board, 1))];
        int sum = means[index(PAWNS, board, board.pawnHash())] + pieces + afterMove[lastSlot] / 2;
        return sum / (2 * GRAIN);
    }

    /**
     * Learns from a search.
     *
     * @param by centipawns by which the position was better than judged, corrections included
     */
    void learn(Board board, int lastSlot, int by, int depth) {
        int weight = Math.min(MOST_WEIGHT, depth + 1);
        int bounded = Math.max(-MOST_STEP, Math.min(MOST_STEP, by));
        learn(means, index(PAWNS, board, board.pawnHash()), bounded, weight);
        learn(means, index(WHITE_PIECES, board, pieces(board, 0)), bounded, weight);
        learn(means, index(BLACK_PIECES, board, pieces(board, 1)), bounded, weight);
        learn(afterMove, lastSlot, bounded, weight);
    }

    private static void learn(short[] table, int index, int by, int weight) {
        int value = table[index] + by * weight;
        table[index] = (short) Math.max(-MOST * GRAIN, Math.min(MOST * GRAIN, value));
    }

    private static int index(int table, Board board, long hash) {
        return (2 * table + board.sideToMove() << BITS) + (int) (hash >>> 64 - BITS);
    }

    private static long pieces(Board board, int side) {
        long hash = board.pieces(side, 1) * 0x9E3779B97F4A7C15L;
        hash = (hash ^ board.pieces(side, 2)) * 0xC2B2AE3D27D4EB4FL;
        hash = (hash ^ hash >>> 29 ^ board.pieces(side, 3)) * 0x165667B19E3779F9L;
        hash = (hash ^ board.pieces(side, 4)) * 0x9E3779B97F4A7C15L;
        return (hash ^ hash >>> 29 ^ board.pieces(side, 5)) * 0xC2B2AE3D27D4EB4FL;
    }
}
