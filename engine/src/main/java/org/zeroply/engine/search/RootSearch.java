package org.zeroply.engine.search;

import java.util.function.LongConsumer;
import org.zeroply.chess.board.Move;

/** Searches the moves of the root, one depth at a time, and keeps them in the order found. */
final class RootSearch {

    private static final int INFINITE = SearchState.INFINITE;

    private final SearchState s;
    private final Search search;
    private final LongConsumer beginsMove;

    private int best;
    private int low;

    /**
     * @param beginsMove told of every root move begun: the move, and its number from 1 shifted left
     *     by 32
     */
    RootSearch(SearchState state, LongConsumer beginsMove) {
        s = state;
        search = new Search(state);
        this.beginsMove = beginsMove;
    }

    /**
     * Searches root moves with an aspiration window around a guess. The best move is put first
     * among them.
     *
     * @param from index of the first move that takes part
     */
    int search(int[] rootMoves, int from, int depth, int guess) {
        search.begin(depth);
        int margin = depth < 5 ? 2 * INFINITE : 18;
        int alpha = Math.max(-INFINITE, guess - margin);
        int beta = Math.min(INFINITE, guess + margin);
        int reduced = 0;
        while (true) {
            int score = window(rootMoves, from, Math.max(1, depth - reduced), alpha, beta);
            if (s.stopped || score > alpha && score < beta) {
                s.limited = true;
                return score;
            }
            margin = margin > 700 ? 2 * INFINITE : margin * 2;
            if (score <= alpha) {
                beta = (alpha + beta) / 2;
                alpha = Math.max(-INFINITE, score - margin);
                reduced = 0;
            } else {
                beta = Math.min(INFINITE, score + margin);
                reduced = Math.min(reduced + 1, 3);
            }
        }
    }

    private int window(int[] rootMoves, int from, int depth, int alpha, int beta) {
        best = -INFINITE;
        low = alpha;
        s.clearLine(0);
        int[] putOff = new int[rootMoves.length];
        int count = 0;
        for (int i = from; i < rootMoves.length && low < beta && !s.stopped; i++) {
            long mark = i > from ? s.mark(rootMoves[i], 0, depth) : 0;
            if (s.isUnderway(mark)) {
                putOff[count++] = rootMoves[i];
            } else {
                move(rootMoves, from, i, depth, beta, mark);
            }
        }
        for (int k = 0; k < count && low < beta && !s.stopped; k++) {
            int i = from;
            while (rootMoves[i] != putOff[k]) {
                i++;
            }
            move(rootMoves, from, i, depth, beta, s.mark(putOff[k], 0, depth));
        }
        return best;
    }

    private void move(int[] rootMoves, int from, int i, int depth, int beta, long mark) {
        int move = rootMoves[i];
        beginsMove.accept((long) (i - from + 1) << 32 | move);
        s.begins(mark);
        s.make(move, 0);
        int score =
                i == from
                        ? -search.search(depth - 1, 1, -beta, -low, false)
                        : later(move, i - from + 1, depth, beta);
        s.board.unmake(move);
        s.ends(mark);
        if (s.stopped) {
            return;
        }
        if (score > best) {
            best = score;
            if (score > low || i == from) {
                s.remember(0, move);
                System.arraycopy(rootMoves, from, rootMoves, from + 1, i - from);
                rootMoves[from] = move;
            }
            low = Math.max(low, score);
        }
    }

    /** Searches a move that is not the first, just made: whether it is better, and by how much. */
    private int later(int move, int number, int depth, int beta) {
        boolean quiet = Move.isQuiet(move);
        boolean late = depth >= 3 && number > 3 && quiet && !s.checks[0] && !s.checks[1];
        int reduction =
                late ? Math.min(depth - 2, Math.max(0, LateMoves.plies(depth, number) - 1)) : 0;
        int score = -search.search(depth - 1 - reduction, 1, -low - 1, -low, true);
        if (score > low && reduction > 0 && !s.stopped) {
            score = -search.search(depth - 1, 1, -low - 1, -low, true);
        }
        if (score > low && !s.stopped) {
            score = -search.search(depth - 1, 1, -beta, -low, false);
        }
        return score;
    }
}
