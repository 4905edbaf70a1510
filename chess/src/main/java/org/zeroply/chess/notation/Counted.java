package org.zeroply.chess.notation;

import java.util.Locale;

/** Numbers with what they count, in words: {@code 1 game}, {@code 2 games}. */
public final class Counted {

    private Counted() {}

    /**
     * A number and its noun.
     *
     * @param noun in the singular; the plural has an s behind it
     */
    public static String of(long count, String noun) {
        return String.format(Locale.ROOT, "%,d %s%s", count, noun, count == 1 ? "" : "s");
    }
}
