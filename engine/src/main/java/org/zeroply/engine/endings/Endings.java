package org.zeroply.engine.endings;

import org.zeroply.chess.board.Board;

/** Exact results of endings with few men. May be asked by several threads at once. */
public interface Endings {

    /** No result is known. */
    int UNKNOWN = Integer.MIN_VALUE;

    /** Knows nothing. */
    Endings NONE = board -> UNKNOWN;

    /**
     * The result with best play, the fifty-move rule left aside, for the side to move.
     *
     * @return 0 for a draw; {@code n > 0} for giving mate in n plies; {@code -n - 1} for being
     *     mated in n plies (-1: mated now); {@link #UNKNOWN} when no table covers the position
     */
    int probe(Board board);

    /** The most men, kings included, that any table covers; 0 for none. */
    default int mostMen() {
        return 0;
    }
}
