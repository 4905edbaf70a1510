package org.zeroply.library.index;

import java.util.Locale;

/**
 * Which games count.
 *
 * @param player a part of the name of either player; empty for anybody
 * @param lowestRating lowest rating of the weaker player, 0 for any; games without ratings do not
 *     pass a rating
 * @param from first date as in PGN, {@code 2024} or {@code 2024.03.01}; empty for any
 * @param to last date, likewise; a year includes all its days
 * @param result {@code 1-0}, {@code 0-1}, {@code 1/2-1/2}, or empty for any
 */
public record GameFilter(String player, int lowestRating, String from, String to, String result) {

    /** All games. */
    public static final GameFilter ALL = new GameFilter("", 0, "", "", "");

    public GameFilter {
        player = player.strip().toLowerCase(Locale.ROOT);
    }

    boolean passes(GameFacts game) {
        return (player.isEmpty() || named(game.white()) || named(game.black()))
                && (lowestRating == 0
                        || Math.min(game.whiteRating(), game.blackRating()) >= lowestRating)
                && (from.isEmpty() || game.date().compareTo(from) >= 0)
                && (to.isEmpty() || !game.date().isEmpty() && game.date().compareTo(to + "~") < 0)
                && (result.isEmpty() || result.equals(game.result()));
    }

    private boolean named(String name) {
        return name.toLowerCase(Locale.ROOT).contains(player);
    }
}
