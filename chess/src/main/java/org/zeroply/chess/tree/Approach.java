package org.zeroply.chess.tree;

import java.util.Locale;
import java.util.Optional;

/** The school of a repertoire's move: solid and slow, or sharp and forcing. */
public enum Approach {
    QUIET,
    SHARP;

    /** The name in files: {@code quiet}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The approach with this name, if there is one. */
    public static Optional<Approach> of(String word) {
        for (Approach approach : values()) {
            if (approach.word().equals(word.strip().toLowerCase(Locale.ROOT))) {
                return Optional.of(approach);
            }
        }
        return Optional.empty();
    }
}
