package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.opening.OpeningNames;

/**
 * Which games a query is about.
 *
 * @param players who played them
 * @param rated how strong they are
 * @param played when
 * @param occasion where
 * @param outcome how they ended
 * @param collection the name of a collection of the library; empty for any
 * @param opening how they began
 */
public record GamesAsked(
        PlayersAsked players,
        RatingAsked rated,
        Period played,
        Occasion occasion,
        OutcomeAsked outcome,
        String collection,
        OpeningAsked opening) {

    /** All games. */
    public static final GamesAsked ALL =
            new GamesAsked(
                    PlayersAsked.ANYBODY,
                    RatingAsked.ANY,
                    Period.ANY,
                    Occasion.ANY,
                    OutcomeAsked.ANY,
                    "",
                    OpeningAsked.ANY);

    /**
     * The same with one clause more.
     *
     * @param name {@code result}, {@code termination}, {@code since}, {@code until}, {@code rated},
     *     {@code higher rated}, {@code event}, {@code site}, {@code round}, {@code collection},
     *     {@code opening}, {@code eco}
     * @throws IllegalArgumentException if the value is none of such a clause
     */
    GamesAsked with(String name, String value) {
        return switch (name) {
            case "result" -> with(occasion, outcome.result(value), opening);
            case "termination" -> with(occasion, outcome.termination(value), opening);
            case "since" -> with(players, rated, played.since(value));
            case "until" -> with(players, rated, played.until(value));
            case "rated" -> with(players, rated.within(RatingAsked.read(value)), played);
            case "higher rated" -> with(players, rated.with(Stronger.read(value)), played);
            case "event" -> with(occasion.event(value), outcome, opening);
            case "site" -> with(occasion.site(value), outcome, opening);
            case "round" -> with(occasion.round(value), outcome, opening);
            case "opening" -> of(opening.called(OpeningNames.spelled(value)));
            case "eco" -> of(opening.coded(value));
            case "collection" ->
                    new GamesAsked(players, rated, played, occasion, outcome, value, opening);
            default -> throw new IllegalArgumentException("no clause: " + name);
        };
    }

    /** The same by some players. */
    GamesAsked by(PlayersAsked others) {
        return with(others, rated, played);
    }

    /** The same that began so. */
    GamesAsked of(OpeningAsked begun) {
        return with(occasion, outcome, begun);
    }

    private GamesAsked with(PlayersAsked who, RatingAsked how, Period when) {
        return new GamesAsked(who, how, when, occasion, outcome, collection, opening);
    }

    private GamesAsked with(Occasion where, OutcomeAsked ended, OpeningAsked begun) {
        return new GamesAsked(players, rated, played, where, ended, collection, begun);
    }

    /**
     * Refuses what cannot be told of any game.
     *
     * @throws IllegalArgumentException if a player is spoken of and none is named
     */
    void requireWhole() {
        if (players.name().isEmpty() && rated.stronger().filter(Stronger::isOfNamed).isPresent()) {
            throw new IllegalArgumentException(
                    "Whose opponents? Possible is: player NAME; higher rated opponent.");
        }
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>(players.clauses());
        clauses.addAll(outcome.clauses());
        clauses.addAll(played.clauses());
        clauses.addAll(rated.clauses());
        clauses.addAll(occasion.clauses());
        Clauses.add(clauses, "collection ", collection);
        clauses.addAll(opening.clauses());
        return clauses;
    }
}
