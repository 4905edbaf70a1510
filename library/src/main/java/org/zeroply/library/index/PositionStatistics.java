package org.zeroply.library.index;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;

/**
 * What the games of a library did in a position.
 *
 * @param games games that came there
 * @param moves the moves played, the most frequent first; games that ended there are in none
 * @param sample some of the games, those of the strongest players first
 */
public record PositionStatistics(int games, List<Played> moves, List<Sample> sample) {

    /** Of no games. */
    public static final PositionStatistics NONE = new PositionStatistics(0, List.of(), List.of());

    /** Games in a sample. */
    public static final int SAMPLE = 12;

    public PositionStatistics {
        moves = List.copyOf(moves);
        sample = List.copyOf(sample);
    }

    /**
     * A move.
     *
     * @param score White's mean score in games with a result, 0 to 1
     * @param averageRating mean rating of those who played it, 0 if none is known
     * @param lastYear year of the latest game, 0 if not known
     */
    public record Played(
            Move move, int games, Optional<Double> score, int averageRating, int lastYear) {}

    /**
     * A game.
     *
     * @param next the move it went on with; empty if it ended there
     */
    public record Sample(GameFacts game, Optional<Move> next) {}
}
