package org.zeroply.engine.checks;

import java.util.List;
import org.zeroply.chess.board.Move;

/**
 * What a side reaches that plays nothing but checks.
 *
 * @param outcome how it ends
 * @param line the checks and the best answers to them; for {@link Outcome#RUNS_OUT} the longest
 *     defence found
 * @param nodes positions visited
 */
public record CheckSequence(Outcome outcome, List<Move> line, long nodes) {

    public CheckSequence {
        line = List.copyOf(line);
    }

    /** How a series of checks ends. */
    public enum Outcome {
        /** Every answer leads to mate. */
        MATES,
        /** The checks can go on for ever: a position comes back. */
        GOES_ON,
        /** Whatever is tried, the checks come to an end. */
        RUNS_OUT,
        /** Not settled within the limits. */
        UNCLEAR
    }
}
