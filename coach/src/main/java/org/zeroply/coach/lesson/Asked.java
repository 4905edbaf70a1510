package org.zeroply.coach.lesson;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.coach.texts.CoachWords;

/** What a question of a lesson asks for. */
public enum Asked {
    /** The move to play. */
    MOVE(CoachWords.of("lesson.find-the-move")),
    /** One of the moves that are named. */
    CHOOSE(CoachWords.of("lesson.choose-between-moves")),
    /** One of the plans that are told in words. */
    PLAN(CoachWords.of("lesson.which-plan")),
    /** A verdict on the position. */
    VERDICT(CoachWords.of("lesson.the-verdict")),
    /** Squares to be pressed. */
    SQUARES("squares"),
    /** A number. */
    NUMBER(CoachWords.of("lesson.how-many")),
    /** Whether what is said is true. */
    TRUE(CoachWords.of("lesson.true-or-false"));

    private final String words;

    Asked(String words) {
        this.words = words;
    }

    /** What a coach calls it, in small letters. */
    public String words() {
        return words;
    }

    /** The word in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What a word in a file means; empty for one of another program. */
    public static Optional<Asked> of(String word) {
        return Arrays.stream(values()).filter(a -> a.word().equals(word)).findFirst();
    }
}
