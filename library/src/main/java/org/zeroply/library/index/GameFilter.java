package org.zeroply.library.index;

import java.util.Locale;
import org.zeroply.coach.pattern.PlayersAsked;

/**
 * Which games count.
 *
 * @param players who played them
 * @param lowestRating lowest rating of the weaker player, 0 for any; games without ratings do not
 *     pass a rating
 * @param from first date as in PGN, {@code 2024} or {@code 2024.03.01}; empty for any
 * @param to last date, likewise; a year includes all its days
 * @param result {@code 1-0}, {@code 0-1}, {@code 1/2-1/2}, or empty for any
 */
public record GameFilter(
        PlayersAsked players, int lowestRating, String from, String to, String result) {

    /** All games. */
    public static final GameFilter ALL = new GameFilter(PlayersAsked.ANYBODY, 0, "", "", "");

    public GameFilter {
        players = players.inSmallLetters();
    }

    boolean passes(GameFacts game) {
        return (players.equals(PlayersAsked.ANYBODY) || played(game))
                && (lowestRating == 0
                        || Math.min(game.whiteRating(), game.blackRating()) >= lowestRating)
                && (from.isEmpty() || game.date().compareTo(from) >= 0)
                && (to.isEmpty() || !game.date().isEmpty() && game.date().compareTo(to + "~") < 0)
                && (result.isEmpty() || result.equals(game.result()));
    }

    private boolean played(GameFacts game) {
        return players.played(
                game.white().toLowerCase(Locale.ROOT), game.black().toLowerCase(Locale.ROOT));
    }
}
