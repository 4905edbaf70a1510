package org.zeroply.coach.evaluation;

import java.util.Locale;
import org.zeroply.coach.texts.CoachWords;

/** How a move stands beside the best one, in one word. */
public enum Grade {
    /** It gives up neither the result nor material. */
    HOLDS("holds"),

    /** The result may be kept, but material is gone, or more of the score than a tenth. */
    PRICE(CoachWords.of("evaluation.at-a-price")),

    /** It gives the result away. */
    FAILS("fails"),

    /** Longer looks said one thing, then another. */
    UNCLEAR("unclear");

    private final String words;

    Grade(String words) {
        this.words = words;
    }

    /** Whether it fails or costs something. */
    public boolean isWeaker() {
        return this == FAILS || this == PRICE;
    }

    /** The grade in words. */
    public String words() {
        return words;
    }

    /** The name in files and for scripts. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
