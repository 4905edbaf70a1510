package org.zeroply.engine.tuning;

import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * A position whose side to move wins material by force.
 *
 * @param winners every move that does, found by trying everything
 */
public record GainPosition(Position position, List<Move> winners) {
    public GainPosition {
        winners = List.copyOf(winners);
    }
}
