package org.zeroply.coach.lesson;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.coach.texts.CoachWords;

/** What a step of a lesson does. */
public enum StepKind {
    /** A position with words, and lines that are revealed move by move. */
    SHOW("show"),
    /** A question. */
    ASK("ask"),
    /** Two or more positions side by side, with what is different in words. */
    COMPARE("compare"),
    /** A table of positions against defences. */
    WHAT_IF(CoachWords.of("lesson.what-if")),
    /** A game, with places where it stops and asks for the next move. */
    GAME("game"),
    /** An exercise that is set at the end. */
    HOMEWORK("homework");

    private final String words;

    StepKind(String words) {
        this.words = words;
    }

    /** What a coach calls it, in small letters. */
    public String words() {
        return words;
    }

    /** The word in files: {@code what-if}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The kind that a word in a file means; empty for one of another program. */
    public static Optional<StepKind> of(String word) {
        return Arrays.stream(values()).filter(k -> k.word().equals(word)).findFirst();
    }
}
