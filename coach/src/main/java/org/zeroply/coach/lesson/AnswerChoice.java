package org.zeroply.coach.lesson;

import java.util.Optional;
import org.zeroply.coach.texts.CoachWords;

/**
 * An answer that can be given, and what is said to it.
 *
 * @param text the answer: a move, or a plan in words
 * @param outcome what it is
 * @param words what is said to whoever gives it; may be empty
 */
public record AnswerChoice(String text, AnswerOutcome outcome, String words) {

    /** Whether it is right to give it. */
    public boolean isRight() {
        return outcome == AnswerOutcome.RIGHT;
    }

    /** What it is, as it stands behind the answer. */
    public String judged() {
        // Only a move of the tree comes near: a plan is written down as right or wrong.
        return outcome == AnswerOutcome.NEARLY
                ? CoachWords.of("lesson.good-but-there-is-better")
                : outcome.words();
    }

    /** The text in a tag: {@code right: Open the g-file | The king cannot leave.} */
    public String written() {
        String said = words.isBlank() ? "" : " | " + words.strip();
        return outcome.word() + ": " + text.replace('|', '/').strip() + said;
    }

    /** Reads the text of a tag; empty if it is not one. */
    public static Optional<AnswerChoice> read(String written) {
        int colon = written.indexOf(':');
        Optional<AnswerOutcome> outcome =
                AnswerOutcome.of(colon < 0 ? "" : written.substring(0, colon).strip())
                        .filter(o -> o != AnswerOutcome.NEARLY);
        int bar = written.indexOf('|', colon + 1);
        String text = written.substring(colon + 1, bar < 0 ? written.length() : bar).strip();
        String words = bar < 0 ? "" : written.substring(bar + 1).strip();
        return outcome.filter(o -> !text.isEmpty()).map(o -> new AnswerChoice(text, o, words));
    }
}
