package org.zeroply.engine.analysis;

import org.zeroply.chess.board.Move;

/** Is told what an engine has found so far. */
@FunctionalInterface
public interface AnalysisListener {

    /** Called after every finished depth with everything found up to then. */
    void found(Analysis soFar);

    /**
     * Called when the search of a root move begins, very often at low depths.
     *
     * @param number from 1
     * @param nodes positions visited so far
     */
    default void begins(Move move, int number, long nodes) {}
}
