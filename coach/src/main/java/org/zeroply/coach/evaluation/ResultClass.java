package org.zeroply.coach.evaluation;

import org.zeroply.engine.analysis.ExpectedScore;

/** The result a position promises the side to move, by its expected score. */
public enum ResultClass {
    WIN("won"),
    OPEN("open"),
    LOSS("lost");

    /** From 85 points of a hundred on a position counts as won; this program's own choice. */
    private static final double WON = 0.85;

    private final String word;

    ResultClass(String word) {
        this.word = word;
    }

    /** The class in a word. */
    public String word() {
        return word;
    }

    /**
     * @param expected expected score of the side to move
     */
    public static ResultClass of(ExpectedScore expected) {
        double value = expected.value();
        return value >= WON ? WIN : value <= 1 - WON ? LOSS : OPEN;
    }
}
