package org.zeroply.library.index;

import java.util.Locale;
import java.util.Set;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.pattern.Period;
import org.zeroply.coach.pattern.PlayersAsked;
import org.zeroply.coach.pattern.RatingAsked;

/**
 * Which games count.
 *
 * @param players who played them
 * @param rated how strong they are
 * @param played when
 * @param result {@code 1-0}, {@code 0-1}, {@code 1/2-1/2}, or empty for any
 */
public record GameFilter(PlayersAsked players, RatingAsked rated, Period played, String result) {

    /** All games. */
    public static final GameFilter ALL =
            new GameFilter(PlayersAsked.ANYBODY, RatingAsked.ANY, Period.ANY, "");

    public GameFilter {
        players = players.inSmallLetters();
    }

    boolean passes(GameFacts game) {
        return isByPlayers(game)
                && rated.includes(game.whiteRating(), game.blackRating())
                && played.includes(game.date())
                && (result.isEmpty() || result.equals(game.result()));
    }

    private boolean isByPlayers(GameFacts game) {
        if (players.equals(PlayersAsked.ANYBODY) && rated.stronger().isEmpty()) {
            return true;
        }
        Set<Side> had =
                players.had(
                        game.white().toLowerCase(Locale.ROOT),
                        game.black().toLowerCase(Locale.ROOT),
                        game.result());
        return !had.isEmpty()
                && rated.stronger()
                        .map(s -> s.was(game.whiteRating(), game.blackRating(), game.result(), had))
                        .orElse(true);
    }
}
