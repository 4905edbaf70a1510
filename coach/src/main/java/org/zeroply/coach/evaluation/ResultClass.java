package org.zeroply.coach.evaluation;

/** The result a position promises the side to move, by its expected score. */
public enum ResultClass {
    WIN("won"),
    OPEN("open"),
    LOSS("lost");

    /** From three points of four on a position counts as won; this program's own choice. */
    private static final double WON = 0.75;

    private final String word;

    ResultClass(String word) {
        this.word = word;
    }

    /** The class in a word. */
    public String word() {
        return word;
    }

    /**
     * @param expected expected score of the side to move, 0 to 1
     */
    public static ResultClass of(double expected) {
        return expected >= WON ? WIN : expected <= 1 - WON ? LOSS : OPEN;
    }
}
