package org.zeroply.coach.lesson;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.coach.texts.CoachWords;

/** What an answer is. */
public enum AnswerOutcome {
    RIGHT("right", 1),
    /**
     * Beside the mark: a verdict one step off, some of the squares and no wrong one, or a move that
     * is good although another one is better.
     */
    NEARLY("nearly", 0.5),
    /** The wrong answer that the question was made for. */
    TEMPTING(CoachWords.of("lesson.tempting-but-wrong"), 0),
    WRONG("wrong", 0);

    private final String words;
    private final double share;

    AnswerOutcome(String words, double share) {
        this.words = words;
        this.share = share;
    }

    /** What a coach calls it. */
    public String words() {
        return words;
    }

    /** What it counts, 0 to 1; the half for a near answer is our choice. */
    public double share() {
        return share;
    }

    /** The word in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What a word in a file means, if it is one. */
    public static Optional<AnswerOutcome> of(String word) {
        return Arrays.stream(values()).filter(o -> o.word().equals(word)).findFirst();
    }
}
