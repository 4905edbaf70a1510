package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How games began.
 *
 * @param name a part of the name of the opening; empty for any
 * @param first the first ECO code as in the tag of PGN, {@code B90}; empty for any
 * @param last the last one
 */
public record OpeningAsked(String name, String first, String last) {

    /** Anyhow. */
    public static final OpeningAsked ANY = new OpeningAsked("", "", "");

    private static final Pattern CODES =
            Phrase.pattern(
                    "(?:codes? )?([a-e](?:\\d\\d?)?)(?:\\s*(?:-|–|to)\\s*([a-e](?:\\d\\d?)?))?");

    /** The last of the codes that begin with a letter, or with a letter and a figure. */
    private static final String LAST = "99";

    private static final String FIRST = "00";

    /** Letters and figures of a code. */
    private static final int LENGTH = 3;

    /** The same with a name. */
    OpeningAsked called(String part) {
        return new OpeningAsked(part, first, last);
    }

    /**
     * The same with ECO codes.
     *
     * @param said {@code B90}, {@code B20-B99}, {@code B9} for {@code B90-B99}
     * @throws IllegalArgumentException if these are no codes
     */
    OpeningAsked coded(String said) {
        Matcher codes = CODES.matcher(said.strip());
        if (!codes.matches()) {
            throw new IllegalArgumentException(
                    "An ECO code is a letter from A to E with two figures, as in B90 or B20-B99,"
                            + " not "
                            + said
                            + ".");
        }
        String from = codes.group(1).toUpperCase(Locale.ROOT);
        String to = codes.group(2) == null ? from : codes.group(2).toUpperCase(Locale.ROOT);
        return new OpeningAsked(
                name, (from + FIRST).substring(0, LENGTH), (to + LAST).substring(0, LENGTH));
    }

    /** Whether the code that a game tells, which may have more behind its number, is meant. */
    public boolean includes(String code) {
        String three = code.substring(0, Math.min(LENGTH, code.length()));
        return three.compareTo(first) >= 0 && three.compareTo(last) <= 0;
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        Clauses.add(clauses, "opening ", name);
        Clauses.add(clauses, "eco ", first.equals(last) ? first : first + "-" + last);
        return clauses;
    }
}
