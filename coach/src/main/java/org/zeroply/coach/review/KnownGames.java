package org.zeroply.coach.review;

import java.util.List;
import org.zeroply.chess.board.Position;

/** The games at hand, asked how often and how they went on from a position. */
public interface KnownGames {

    /** No games at all. */
    KnownGames NONE = position -> List.of();

    /**
     * A game that came to a position.
     *
     * @param id the game, as whoever keeps it numbers it
     * @param title who played whom
     * @param next the move played there in SAN; empty when the game ended
     */
    record Visit(long id, String title, String next) {}

    /** The games that came to a position; a few of many will do. */
    List<Visit> at(Position position);
}
