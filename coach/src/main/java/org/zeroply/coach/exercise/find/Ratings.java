package org.zeroply.coach.exercise.find;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.coach.texts.CoachWords;

/**
 * Ratings that both players of a game have.
 *
 * @param lowest lowest rating of the weaker player, 0 for any
 * @param highest highest rating of the stronger player, 0 for any
 */
public record Ratings(int lowest, int highest) {

    /** Any rating, or none. */
    public static final Ratings ANY = new Ratings(0, 0);

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,4})(?:\\s*[-–]\\s*(\\d{1,4}))?");

    /**
     * @throws IllegalArgumentException when no rating lies between them
     */
    public Ratings {
        if (highest > 0 && highest < lowest) {
            throw new IllegalArgumentException(
                    CoachWords.of("exercise.no-rating-lies-between-and", lowest, highest));
        }
    }

    /**
     * Reads what is written as {@code 1600-2000}, or {@code 1600} for the lowest alone; any rating
     * where nothing is written.
     *
     * @throws IllegalArgumentException with a sentence for who wrote it when it is neither
     */
    public static Ratings parse(String text) {
        if (text.isBlank()) {
            return ANY;
        }
        Matcher written = WRITTEN.matcher(text.strip());
        if (!written.matches()) {
            throw new IllegalArgumentException(
                    CoachWords.of("exercise.ratings-are-1600-2000-or", text.strip()));
        }
        int highest = written.group(2) == null ? 0 : Integer.parseInt(written.group(2));
        return new Ratings(Integer.parseInt(written.group(1)), highest);
    }

    /** Whether two players are within these; 0 is a player without a rating. */
    boolean allow(int white, int black) {
        int weaker = Math.min(white, black);
        return (lowest == 0 || weaker >= lowest)
                && (highest == 0 || weaker > 0 && Math.max(white, black) <= highest);
    }
}
