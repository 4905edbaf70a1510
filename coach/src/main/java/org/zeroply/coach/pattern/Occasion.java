package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;

/**
 * Where games were played; each a part of the tag of PGN, empty for any.
 *
 * @param event the name of the event
 * @param site the place
 * @param round the round, in full: {@code 3} is neither 13 nor 3.1
 */
public record Occasion(String event, String site, String round) {

    /** Anywhere. */
    public static final Occasion ANY = new Occasion("", "", "");

    /** The same at an event. */
    Occasion event(String part) {
        return new Occasion(part, site, round);
    }

    /** The same at a place. */
    Occasion site(String part) {
        return new Occasion(event, part, round);
    }

    /** The same in a round. */
    Occasion round(String number) {
        return new Occasion(event, site, number);
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        Clauses.add(clauses, "event ", event);
        Clauses.add(clauses, "site ", site);
        Clauses.add(clauses, "round ", round);
        return clauses;
    }
}
