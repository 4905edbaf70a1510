package org.zeroply.workshop.suite;

import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;

/** Tells whether one move of a position is the key to it. */
@FunctionalInterface
interface KeyFinder {

    /** The key with its line, if there is one. */
    Optional<Analysis.Candidate> find(Position position);
}
