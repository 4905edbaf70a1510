package org.zeroply.chess.tree;

import java.util.Optional;

/**
 * Points that a marking scheme gives at a node.
 *
 * @param points whole points, 1 to 999
 * @param needsVerdict whether the answer's verdict for the line must be of the scheme's class
 * @param group items of one group count once, with the best earned; letters, digits and dashes
 */
public record PointRule(int points, boolean needsVerdict, Optional<String> group) {

    /**
     * @throws IllegalArgumentException if points or group are out of range
     */
    public PointRule {
        if (points < 1 || points > 999) {
            throw new IllegalArgumentException("points must be 1 to 999, not " + points);
        }
        if (group.isPresent() && !group.get().matches("[\\w-]+")) {
            throw new IllegalArgumentException(
                    "a group is named by letters and digits, not '" + group.get() + "'");
        }
    }

    /** Plain points for a move. */
    public static PointRule of(int points) {
        return new PointRule(points, false, Optional.empty());
    }

    /** The text form, such as {@code 3 group=a verdict}. */
    public String text() {
        return points + group.map(g -> " group=" + g).orElse("") + (needsVerdict ? " verdict" : "");
    }

    /** Reads the text form; empty when it is not one. */
    public static Optional<PointRule> parse(String text) {
        int points = 0;
        boolean verdict = false;
        Optional<String> group = Optional.empty();
        for (String word : text.strip().split("\\s+")) {
            if (word.matches("\\d{1,3}") && points == 0) {
                points = Integer.parseInt(word);
            } else if (word.equals("verdict")) {
                verdict = true;
            } else if (word.matches("group=[\\w-]+") && group.isEmpty()) {
                group = Optional.of(word.substring(6));
            } else {
                return Optional.empty();
            }
        }
        return points == 0 ? Optional.empty() : Optional.of(new PointRule(points, verdict, group));
    }
}
