package org.zeroply.coach.repertoire;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/** What was played in the games at hand. */
public interface Replies {

    /** No games at all. */
    Replies NONE = position -> List.of();

    /**
     * A move and how often it was played.
     *
     * @param score White's mean score in games with a result, 0 to 1
     */
    record Reply(Move move, int games, Optional<Double> score) {}

    /** Whether these were played; otherwise they are only an estimate. */
    default boolean werePlayed() {
        return true;
    }

    /** The moves played in a position. */
    List<Reply> at(Position position);
}
