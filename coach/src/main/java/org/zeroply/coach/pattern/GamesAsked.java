package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.GameResult;

/**
 * Which games a query is about.
 *
 * @param players who played them
 * @param rated how strong they are
 * @param played when
 * @param event a part of the name of the event; empty for any, as for all texts here
 * @param result as in PGN
 * @param collection the name of a collection of the library
 * @param opening how they began
 */
public record GamesAsked(
        PlayersAsked players,
        RatingAsked rated,
        Period played,
        String event,
        String result,
        String collection,
        OpeningAsked opening) {

    /** All games. */
    public static final GamesAsked ALL =
            new GamesAsked(
                    PlayersAsked.ANYBODY,
                    RatingAsked.ANY,
                    Period.ANY,
                    "",
                    "",
                    "",
                    OpeningAsked.ANY);

    private static final List<String> DRAWN = List.of("draw", "½-½");

    /**
     * The same with one clause more.
     *
     * @param name {@code result}, {@code since}, {@code until}, {@code rated}, {@code event},
     *     {@code collection}, {@code opening}, {@code eco}
     * @throws IllegalArgumentException if the value is none of such a clause
     */
    GamesAsked with(String name, String value) {
        return switch (name) {
            case "result" ->
                    with(event, result(DRAWN.contains(value) ? GameResult.DRAW : value), opening);
            case "since" -> with(players, rated, played.since(value));
            case "until" -> with(players, rated, played.until(value));
            case "rated" -> with(players, RatingAsked.read(value), played);
            case "event" -> with(value, result, opening);
            case "opening" -> of(opening.called(OpeningNames.spelled(value)));
            case "eco" -> of(opening.coded(value));
            case "collection" ->
                    new GamesAsked(players, rated, played, event, result, value, opening);
            default -> throw new IllegalArgumentException("no clause: " + name);
        };
    }

    /** The same by some players. */
    GamesAsked by(PlayersAsked others) {
        return with(others, rated, played);
    }

    /** The same that began so. */
    GamesAsked of(OpeningAsked begun) {
        return with(event, result, begun);
    }

    private GamesAsked with(PlayersAsked who, RatingAsked how, Period when) {
        return new GamesAsked(who, how, when, event, result, collection, opening);
    }

    private GamesAsked with(String where, String ended, OpeningAsked begun) {
        return new GamesAsked(players, rated, played, where, ended, collection, begun);
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

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>(players.clauses());
        add(clauses, "result ", result);
        clauses.addAll(played.clauses());
        add(clauses, "", rated.clause());
        add(clauses, "event ", event);
        add(clauses, "collection ", collection);
        clauses.addAll(opening.clauses());
        return clauses;
    }

    private static void add(List<String> clauses, String name, String value) {
        if (!value.isEmpty()) {
            clauses.add(name + value);
        }
    }
}
