package org.zeroply.engine.search;

import java.util.Arrays;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;

/**
 * What earlier cut-offs taught about moves: by origin and target, by the one and the two moves
 * before, for captures, and the replies to single moves. Values lie within ±{@link #MOST}.
 */
final class History {

    static final int MOST = 1 << 14;

    /** A slot for "no move before". Else a slot is {@link #slot}. */
    static final int NO_SLOT = 0;

    private static final int SLOTS = 16 * 64;

    private final short[] quiets = new short[2 * 64 * 64];
    private final short[] captures = new short[16 * 64 * 8];
    private final short[] continuations = new short[SLOTS * SLOTS];
    private final int[] counters = new int[SLOTS];
    private final int[] killers = new int[2 * (SearchState.MAX_PLY + 2)];

    void clear() {
        Arrays.fill(quiets, (short) 0);
        Arrays.fill(captures, (short) 0);
        Arrays.fill(continuations, (short) 0);
        Arrays.fill(counters, 0);
        Arrays.fill(killers, 0);
    }

    void clearKillers(int ply) {
        killers[2 * ply] = 0;
        killers[2 * ply + 1] = 0;
    }

    /** Piece code and target of a move, not yet made: the index for what follows it. */
    static int slot(Board board, int move) {
        return board.codeAt(Move.from(move)) << 6 | Move.to(move);
    }

    int killer(int ply, int number) {
        return killers[2 * ply + number];
    }

    int counter(int lastSlot) {
        return counters[lastSlot];
    }

    /** Rank of a quiet move, not yet made. */
    int quiet(Board board, int move, int lastSlot, int slotBefore) {
        int slot = slot(board, move);
        return quiets[board.sideToMove() << 12 | move & 0xfff]
                + continuations[lastSlot * SLOTS + slot]
                + continuations[slotBefore * SLOTS + slot];
    }

    /** Rank of a capture or promotion, not yet made. */
    int capture(Board board, int move) {
        return captures[slot(board, move) << 3 | board.codeAt(Move.to(move)) & 7];
    }

    /** A quiet move refuted what came before; the quiet moves tried earlier did not. */
    void learnQuiet(
            Board board,
            int move,
            int[] tried,
            int count,
            int depth,
            int ply,
            int last,
            int before) {
        if (killers[2 * ply] != move) {
            killers[2 * ply + 1] = killers[2 * ply];
            killers[2 * ply] = move;
        }
        counters[last] = move;
        int bonus = bonus(depth);
        reward(board, move, bonus, last, before);
        for (int i = 0; i < count; i++) {
            reward(board, tried[i], -bonus, last, before);
        }
    }

    private void reward(Board board, int move, int by, int last, int before) {
        int slot = slot(board, move);
        adjust(quiets, board.sideToMove() << 12 | move & 0xfff, by);
        if (last != NO_SLOT) {
            adjust(continuations, last * SLOTS + slot, by);
        }
        if (before != NO_SLOT) {
            adjust(continuations, before * SLOTS + slot, by);
        }
    }

    /** The captures tried before a cut-off did not bring it; the move that did may be one. */
    void learnCaptures(Board board, int best, int[] tried, int count, int depth) {
        int bonus = bonus(depth);
        if (Move.isCapture(best)) {
            adjust(captures, captureIndex(board, best), bonus);
        }
        for (int i = 0; i < count; i++) {
            adjust(captures, captureIndex(board, tried[i]), -bonus);
        }
    }

    private static int captureIndex(Board board, int move) {
        return slot(board, move) << 3 | board.codeAt(Move.to(move)) & 7;
    }

    private static int bonus(int depth) {
        return Math.min(160 * depth - 60, 1700);
    }

    private static void adjust(short[] table, int index, int by) {
        int value = table[index];
        table[index] = (short) (value + by - value * Math.abs(by) / MOST);
    }
}
