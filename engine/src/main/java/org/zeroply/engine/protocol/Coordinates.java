package org.zeroply.engine.protocol;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/** Moves as the protocol writes them. */
final class Coordinates {

    private Coordinates() {}

    /** The legal move written so, if there is one. */
    static Optional<Move> read(Position position, String word) {
        return position.legalMoves().stream().filter(m -> m.coordinates().equals(word)).findFirst();
    }
}
