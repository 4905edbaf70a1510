package org.zeroply.engine.search;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.exchange.StaticExchange;

/** Puts the moves that are likely to be best first, and learns from the ones that were. */
final class MoveOrder {

    static final int BAD_CAPTURE = -1_000_000;

    private static final int[] VALUE = {1, 3, 3, 5, 9, 20};
    private static final int MOST = 1 << 14;

    private final int[][] killers = new int[Search.MAX_PLY][2];
    private final int[][][] history = new int[2][64][64];
    private final int[][] counters = new int[64][64];

    /** Gives each move its rank; higher is earlier. */
    void score(
            Board board,
            int[] moves,
            int[] ranks,
            int start,
            int end,
            int first,
            int ply,
            int last) {
        int side = board.sideToMove();
        for (int i = start; i < end; i++) {
            ranks[i] = rank(board, moves[i], first, side, ply, last);
        }
    }

    private int rank(Board board, int move, int first, int side, int ply, int last) {
        if (move == first) {
            return Integer.MAX_VALUE;
        }
        if (Move.isCapture(move) || Move.isPromotion(move)) {
            int victim = Move.isCapture(move) ? victim(board, move) : 0;
            int gain =
                    victim * 100
                            - VALUE[board.typeAt(Move.from(move))]
                            + (Move.isPromotion(move) ? VALUE[Move.promotionType(move)] * 90 : 0);
            boolean sound =
                    victim >= VALUE[board.typeAt(Move.from(move))]
                            || StaticExchange.of(board, move) >= 0;
            return (sound ? 1_000_000 : BAD_CAPTURE) + gain;
        }
        if (move == killers[ply][0]) {
            return 900_000;
        }
        if (move == killers[ply][1]) {
            return 890_000;
        }
        if (last != 0 && move == counters[Move.from(last)][Move.to(last)]) {
            return 880_000;
        }
        return history[side][Move.from(move)][Move.to(move)];
    }

    private static int victim(Board board, int move) {
        return Move.kind(move) == Move.EN_PASSANT ? 1 : VALUE[board.typeAt(Move.to(move))];
    }

    int history(int side, int move) {
        return history[side][Move.from(move)][Move.to(move)];
    }

    /** A quiet move refuted the last one; the quiet moves tried before it did not. */
    void learn(int side, int move, int[] tried, int from, int to, int depth, int ply, int last) {
        if (killers[ply][0] != move) {
            killers[ply][1] = killers[ply][0];
            killers[ply][0] = move;
        }
        if (last != 0) {
            counters[Move.from(last)][Move.to(last)] = move;
        }
        int bonus = Math.min(depth * depth * 16, 1600);
        adjust(side, move, bonus);
        for (int i = from; i < to; i++) {
            int other = tried[i];
            if (other != move && !Move.isCapture(other) && !Move.isPromotion(other)) {
                adjust(side, other, -bonus);
            }
        }
    }

    private void adjust(int side, int move, int by) {
        int[] row = history[side][Move.from(move)];
        int value = row[Move.to(move)];
        row[Move.to(move)] = value + by - value * Math.abs(by) / MOST;
    }

    /** Moves the best-ranked of the remaining moves to the index. */
    static void pick(int[] moves, int[] ranks, int index, int end) {
        int best = index;
        for (int i = index + 1; i < end; i++) {
            if (ranks[i] > ranks[best]) {
                best = i;
            }
        }
        if (best != index) {
            int move = moves[best];
            moves[best] = moves[index];
            moves[index] = move;
            int rank = ranks[best];
            ranks[best] = ranks[index];
            ranks[index] = rank;
        }
    }
}
