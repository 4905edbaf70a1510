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

    /** Whether it lies on a main line, or did so in an earlier search. */
    boolean main;

    /** Number of the move at hand, from 1. */
    int number;

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
