package org.zeroply.engine.mate;

import java.util.List;
import org.zeroply.chess.board.Move;

/**
 * A mate by force.
 *
 * @param moves moves of the mating side to the mate, the first one counted
 * @param line the first move, an answer that holds out longest, and so on to the mate
 */
public record MateProof(int moves, List<Move> line) {

    /** Keeps a line that does not change. */
    public MateProof {
        line = List.copyOf(line);
    }
}
