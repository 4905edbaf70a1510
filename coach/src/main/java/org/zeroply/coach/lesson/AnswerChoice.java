package org.zeroply.coach.lesson;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An answer that can be given, and what is said to it.
 *
 * @param text the answer: a move, or a plan in words
 * @param outcome what it is
 * @param words what is said to whoever gives it; may be empty
 */
public record AnswerChoice(String text, AnswerOutcome outcome, String words) {

    private static final Pattern WRITTEN =
            Pattern.compile("(right|tempting|wrong):\\s*([^|]*[^|\\s])\\s*(?:\\|\\s*(.*))?");

    /** The text in a tag: {@code right: Open the g-file | The king cannot leave.} */
    public String written() {
        String said = words.isBlank() ? "" : " | " + words.strip();
        return outcome.word() + ": " + text.replace('|', '/').strip() + said;
    }

    /** Reads the text of a tag; empty if it is not one. */
    public static Optional<AnswerChoice> read(String written) {
        Matcher parts = WRITTEN.matcher(written.strip());
        if (!parts.matches()) {
            return Optional.empty();
        }
        String words = parts.group(3) == null ? "" : parts.group(3).strip();
        return Optional.of(
                new AnswerChoice(
                        parts.group(2), AnswerOutcome.of(parts.group(1)).orElseThrow(), words));
    }
}
