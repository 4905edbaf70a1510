package org.zeroply.coach.pattern;

import java.util.List;

/** What is said of games in the text of a query. */
final class Clauses {

    private Clauses() {}

    /** Adds a clause where anything is asked for. */
    static void add(List<String> clauses, String name, String value) {
        if (!value.isEmpty()) {
            clauses.add(name + value);
        }
    }
}
