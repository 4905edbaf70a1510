package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.zeroply.chess.tree.GameResult;

/**
 * Which games a query is about.
 *
 * @param players who played them
 * @param result as in PGN; empty for any, as for all texts here
 * @param since first date as in PGN, {@code 2024} or {@code 2024.03.01}
 * @param until last date, likewise; a year includes all its days
 * @param rating lowest rating of the weaker player; 0 for any
 * @param collection the name of a collection of the library
 * @param opening a part of the name of the opening
 */
public record GamesAsked(
        PlayersAsked players,
        String result,
        String since,
        String until,
        int rating,
        String collection,
        String opening) {

    private static final Pattern DATE = Pattern.compile("\\d{4}(?:\\.\\d{2}(?:\\.\\d{2})?)?");

    private static final List<String> NAMES =
            List.of("result", "since", "until", "rated", "collection", "opening");

    /** All games. */
    public static final GamesAsked ALL =
            new GamesAsked(PlayersAsked.ANYBODY, "", "", "", 0, "", "");

    /** The same with one clause more, by its name. */
    GamesAsked with(String clause, String value) {
        String[] all = {result, since, until, String.valueOf(rating), collection, opening};
        int at = NAMES.indexOf(clause);
        if (at < 0) {
            throw new IllegalArgumentException("no clause: " + clause);
        }
        all[at] = value;
        return new GamesAsked(
                players, all[0], all[1], all[2], Integer.parseInt(all[3]), all[4], all[5]);
    }

    /** The same by some players. */
    GamesAsked by(PlayersAsked others) {
        return new GamesAsked(others, result, since, until, rating, collection, opening);
    }

    /**
     * A result as in PGN.
     *
     * @throws IllegalArgumentException if it is none of a game that was played out
     */
    public static String result(String value) {
        if (!GameResult.played().contains(value)) {
            throw new IllegalArgumentException(
                    "A result is 1-0, 0-1 or 1/2-1/2, not " + value + ".");
        }
        return value;
    }

    /**
     * A date as in PGN, or the beginning of one.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static String date(String value) {
        if (!DATE.matcher(value).matches()) {
            throw new IllegalArgumentException(
                    "A date is a year, 2024.03 or 2024.03.01, not " + value + ".");
        }
        return value;
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>(players.clauses());
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
