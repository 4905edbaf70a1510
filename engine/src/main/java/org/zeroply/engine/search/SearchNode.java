package org.zeroply.engine.search;

import org.zeroply.chess.board.Move;

/**
 * What a search knows of one position of its line, filled anew for each it comes to: how far and
 * within what bounds it is looked at, how it is judged as it stands, and what its moves came to.
 */
final class SearchNode {

    /** Plies left. */
    int depth;

    int alpha;

    /** The lower bound as raised by the moves searched so far. */
    int low;

    int beta;

    /** A cut-off is expected: an earlier search says so, or the one of the move before. */
    boolean cut;

    boolean check;

    /** What the table remembers, or 0; and its move. */
    long known;

    int tableMove;

    /** The static evaluation; {@link TranspositionTable#NO_EVALUATION} in check. */
    int raw;

    /** The same, corrected by what searches found ({@link Corrections}). */
    int still;

    /** The same, bettered by a remembered bound. */
    int judged;

    /** Better than before the side's last move. */
    boolean improving;

    /** Whether it lies on a main line, or did so earlier in this search. */
    boolean main;

    /** The move at hand; its number, from 1; and how good its like was ({@link History}). */
    int move;

    int number;
    int rank;

    /** Whether the move at hand is one of those that come late in the order, or loses something. */
    boolean late;

    boolean losing;

    /** Whether the move at hand forces matters near the root ({@link Forcing}). */
    boolean forces;

    /** Whether several moves before were answered by a cut-off. */
    boolean refuted;

    /** Moves put off, each as it was at hand. */
    private final long[] putOff = new long[64];

    private int putOffCount;

    int best;
    int bestMove;
    final int[] quiets = new int[64];
    int quietCount;
    final int[] captures = new int[32];
    int captureCount;

    void begin(int depthLeft, int from, int to, boolean cutExpected, long remembered) {
        depth = depthLeft;
        alpha = from;
        low = from;
        beta = to;
        cut = cutExpected;
        known = remembered;
        tableMove = TranspositionTable.move(remembered);
        number = 0;
        best = -SearchState.INFINITE;
        bestMove = 0;
        quietCount = 0;
        captureCount = 0;
        putOffCount = 0;
    }

    /** The next move is at hand. */
    void takes(int next, boolean comesLate, boolean loses) {
        move = next;
        number++;
        late = comesLate;
        losing = loses;
    }

    /** Puts the move at hand off; false where so many were that this one is to be searched now. */
    boolean putOff() {
        if (putOffCount == putOff.length) {
            return false;
        }
        int kind = (late ? 1 : 0) | (losing ? 2 : 0) | (forces ? 4 : 0);
        putOff[putOffCount++] = move | number << 16 | (long) kind << 24 | (long) rank << 32;
        return true;
    }

    /** Takes up the moves that were put off, one after the other; false when there are no more. */
    boolean takeUp(int index) {
        if (index >= putOffCount) {
            return false;
        }
        long kept = putOff[index];
        move = (int) kept & 0xffff;
        number = (int) (kept >>> 16) & 0xff;
        late = (kept >>> 24 & 1) != 0;
        losing = (kept >>> 24 & 2) != 0;
        forces = (kept >>> 24 & 4) != 0;
        rank = (int) (kept >> 32);
        return true;
    }

    /** Takes over how the same position was judged. */
    void judgeAs(SearchNode other) {
        check = other.check;
        raw = other.raw;
        still = other.still;
        judged = other.still;
        improving = other.improving;
        main = other.main;
    }

    /** Whether the window is more than a question of yes or no. */
    boolean isOpen() {
        return beta - alpha > 1;
    }

    /** Whether the remembered move takes something. */
    boolean tableTakes() {
        return tableMove != 0 && Move.isCapture(tableMove);
    }

    /** Keeps a move that was searched, for what is learnt at the end. */
    void tried(int move, boolean quiet) {
        if (quiet && quietCount < quiets.length) {
            quiets[quietCount++] = move;
        } else if (!quiet && captureCount < captures.length) {
            captures[captureCount++] = move;
        }
    }
}
