package org.zeroply.coach.fact;

/** Sentences made of words that stand in the middle of others, too. */
public final class Sentence {

    private Sentence() {}

    /** Words with a capital at their beginning; at least one letter. */
    public static String begin(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
