package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How strong the players of a game are.
 *
 * @param lowest rating of the weaker one at least; 0 for any
 * @param highest rating of the stronger one at most; 0 for any
 * @param stronger who of them has the higher rating, if it matters
 */
public record RatingAsked(int lowest, int highest, Optional<Stronger> stronger) {

    /** Any, known or not. */
    public static final RatingAsked ANY = of(0, 0);

    private static final Pattern SAID =
            Phrase.pattern(
                    "(?:(at least|from)|(above|over|more than|higher than)|(at most|up to)"
                            + "|(under|below|less than|lower than)|between|)\\s*(\\d{1,4})"
                            + "(?:\\s*(?:-|–|to|and)\\s*(\\d{1,4})|\\s*(\\+|or (?:higher|more|better)))?");

    /** Both between two ratings; 0 for no bound. */
    public static RatingAsked of(int lowest, int highest) {
        return new RatingAsked(lowest, highest, Optional.empty());
    }

    /** Both at least so strong. */
    public static RatingAsked atLeast(int rating) {
        return of(rating, 0);
    }

    /** The same with the bounds of another. */
    RatingAsked within(RatingAsked bounds) {
        return new RatingAsked(bounds.lowest, bounds.highest, stronger);
    }

    /** The same where one of them is the stronger one. */
    RatingAsked with(Stronger who) {
        return new RatingAsked(lowest, highest, Optional.of(who));
    }

    /**
     * What is said behind {@code rated}: {@code 2200}, {@code at most 1800}, {@code 1800-2200}.
     *
     * @throws IllegalArgumentException if it is no rating
     */
    public static RatingAsked read(String said) {
        Matcher m = SAID.matcher(said.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "A rating is a number such as 2200, at most 1800 or 1800-2200, not "
                            + said
                            + ".");
        }
        int rating = Integer.parseInt(m.group(5));
        boolean bounded = m.group(1) != null || m.group(2) != null;
        boolean under = m.group(3) != null || m.group(4) != null;
        if (m.group(6) != null && !bounded && !under) {
            int other = Integer.parseInt(m.group(6));
            return of(Math.min(rating, other), Math.max(rating, other));
        }
        if (m.group(6) != null || under && m.group(7) != null) {
            throw new IllegalArgumentException(
                    "A rating has one bound or two, as in 1800-2200, not " + said + ".");
        }
        return under
                ? of(0, m.group(4) != null ? rating - 1 : rating)
                : atLeast(m.group(2) != null ? rating + 1 : rating);
    }

    /**
     * Whether players are so strong, whoever is the stronger one; 0 stands for a rating that is not
     * known.
     */
    public boolean includes(int white, int black) {
        return (lowest == 0 || Math.min(white, black) >= lowest)
                && (highest == 0
                        || Math.min(white, black) > 0 && Math.max(white, black) <= highest);
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        if (lowest > 0) {
            clauses.add("rated " + lowest + (highest == 0 ? "" : "-" + highest));
        } else if (highest > 0) {
            clauses.add("rated at most " + highest);
        }
        stronger.ifPresent(s -> clauses.add("higher rated " + s.word()));
        return clauses;
    }
}
