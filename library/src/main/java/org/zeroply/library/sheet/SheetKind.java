package org.zeroply.library.sheet;

import java.util.Locale;

/** What a sheet of the library is: a move tree, or a series of them. */
public enum SheetKind {
    GAME,
    ANALYSIS,
    EXERCISE,
    /** A chapter of a repertoire. */
    REPERTOIRE,
    /** A lesson with all its steps. */
    LESSON,
    /** A tournament with all its pairings. */
    TOURNAMENT;

    /** The word in the database and in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The kind with this word. */
    public static SheetKind of(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }
}
