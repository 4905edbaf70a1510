package org.zeroply.library.sheet;

import java.util.Locale;

/** What a move tree in the library is. */
public enum SheetKind {
    GAME,
    ANALYSIS,
    EXERCISE,
    /** A chapter of a repertoire. */
    REPERTOIRE;

    /** The word in the database and in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The kind with this word. */
    public static SheetKind of(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }
}
