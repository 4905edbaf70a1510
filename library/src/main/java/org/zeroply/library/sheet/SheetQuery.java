package org.zeroply.library.sheet;

import java.util.Arrays;
import java.util.List;

/**
 * Which sheets to list.
 *
 * @param kind the kind
 * @param text words that must all stand in names, event, date or title; empty for any
 * @param result {@code 1-0}, {@code 0-1}, {@code 1/2-1/2}, or empty for any
 * @param fewestPlies shortest main line
 * @param collection number of the collection it must be in, 0 for any
 * @param order in which order
 */
public record SheetQuery(
        SheetKind kind,
        String text,
        String result,
        int fewestPlies,
        long collection,
        SheetOrder order) {

    /** Sheets in any collection, the newest first. */
    public SheetQuery(SheetKind kind, String text, String result, int fewestPlies) {
        this(kind, text, result, fewestPlies, 0, SheetOrder.NEWEST);
    }

    /** Longer texts are not what somebody types to find a game. */
    private static final int MOST_WORDS = 40;

    /** The words of the text, each once. */
    List<String> words() {
        return Arrays.stream(text.strip().split("\\s+"))
                .filter(w -> !w.isEmpty())
                .distinct()
                .limit(MOST_WORDS)
                .toList();
    }

    /** All sheets of a kind. */
    public static SheetQuery all(SheetKind kind) {
        return new SheetQuery(kind, "", "", 0);
    }

    /** The same sheets in another order. */
    public SheetQuery in(SheetOrder other) {
        return new SheetQuery(kind, text, result, fewestPlies, collection, other);
    }
}
