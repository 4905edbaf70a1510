package org.zeroply.chess.notation;

import java.util.List;
import java.util.OptionalInt;

/** Small numbers as words: {@code no}, {@code one} to {@code eight}, as many as there are pawns. */
public final class NumberWords {

    private static final List<String> WORDS =
            List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight");

    private NumberWords() {}

    /** The word for a number that is not negative; of more than eight that for eight. */
    public static String of(int number) {
        return WORDS.get(Math.min(WORDS.size() - 1, number));
    }

    /** The number of a word in small letters, if it is one. */
    public static OptionalInt read(String word) {
        int number = WORDS.indexOf(word);
        return number < 0 ? OptionalInt.empty() : OptionalInt.of(number);
    }
}
