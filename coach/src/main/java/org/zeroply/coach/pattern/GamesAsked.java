package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;

/**
 * Which games a query is about.
 *
 * @param player a part of the name of either player; empty for anybody, as for all texts here
 * @param result as in PGN
 * @param since first date as in PGN, {@code 2024} or {@code 2024.03.01}
 * @param until last date, likewise; a year includes all its days
 * @param rating lowest rating of the weaker player; 0 for any
 * @param collection the name of a collection of the library
 * @param opening a part of the name of the opening
 */
public record GamesAsked(
        String player,
        String result,
        String since,
        String until,
        int rating,
        String collection,
        String opening) {

    private static final List<String> NAMES =
            List.of("player", "result", "since", "until", "rated", "collection", "opening");

    /** All games. */
    public static final GamesAsked ALL = new GamesAsked("", "", "", "", 0, "", "");

    /** The same with one clause more, by its name. */
    GamesAsked with(String clause, String value) {
        String[] all = {player, result, since, until, String.valueOf(rating), collection, opening};
        int at = NAMES.indexOf(clause);
        if (at < 0) {
            throw new IllegalArgumentException("no clause: " + clause);
        }
        all[at] = value;
        return new GamesAsked(
                all[0], all[1], all[2], all[3], Integer.parseInt(all[4]), all[5], all[6]);
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        add(clauses, "player ", player);
        add(clauses, "result ", result);
        add(clauses, "since ", since);
        add(clauses, "until ", until);
        add(clauses, "rated ", rating == 0 ? "" : String.valueOf(rating));
        add(clauses, "collection ", collection);
        add(clauses, "opening ", opening);
        return clauses;
    }

    private static void add(List<String> clauses, String name, String value) {
        if (!value.isEmpty()) {
            clauses.add(name + value);
        }
    }
}
