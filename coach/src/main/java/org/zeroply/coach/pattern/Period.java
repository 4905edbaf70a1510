package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * When games were played.
 *
 * @param from first date as in PGN, {@code 2024} or {@code 2024.03.01}; empty for any
 * @param to last date, likewise; a year includes all its days
 */
public record Period(String from, String to) {

    /** Any time. */
    public static final Period ANY = new Period("", "");

    private static final Pattern DATE = Pattern.compile("\\d{4}(?:\\.\\d{2}(?:\\.\\d{2})?)?");

    /** Sorts behind all days of a month and all months of a year. */
    private static final String LAST = "~";

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

    /**
     * The same from a date on.
     *
     * @throws IllegalArgumentException if it is none
     */
    public Period since(String first) {
        return new Period(date(first), to);
    }

    /**
     * The same up to a date.
     *
     * @throws IllegalArgumentException if it is none
     */
    Period until(String last) {
        return new Period(from, date(last));
    }

    /** Whether a date as in PGN lies in it; one that is not known lies in none but any. */
    public boolean includes(String date) {
        return (from.isEmpty() || date.compareTo(from) >= 0)
                && (to.isEmpty() || !date.isEmpty() && date.compareTo(to + LAST) < 0);
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        Clauses.add(clauses, "since ", from);
        Clauses.add(clauses, "until ", to);
        return clauses;
    }
}
