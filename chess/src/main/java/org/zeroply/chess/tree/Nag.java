package org.zeroply.chess.tree;

import java.util.Map;
import java.util.Optional;

/** Names for the numeric annotation glyphs that grade a move; numbers as in the PGN standard. */
public final class Nag {

    public static final int GOOD = 1;
    public static final int MISTAKE = 2;
    public static final int BRILLIANT = 3;
    public static final int BLUNDER = 4;
    public static final int INTERESTING = 5;
    public static final int DUBIOUS = 6;

    private static final Map<String, Integer> BY_SUFFIX =
            Map.of(
                    "!",
                    GOOD,
                    "?",
                    MISTAKE,
                    "!!",
                    BRILLIANT,
                    "??",
                    BLUNDER,
                    "!?",
                    INTERESTING,
                    "?!",
                    DUBIOUS);

    private Nag() {}

    /** The glyph of a suffix such as {@code !?}. */
    public static Optional<Integer> ofSuffix(String suffix) {
        return Optional.ofNullable(BY_SUFFIX.get(suffix));
    }

    /** The text shown for a glyph: its suffix, its verdict symbol, or {@code $n}. */
    public static String show(int nag) {
        return BY_SUFFIX.entrySet().stream()
                .filter(e -> e.getValue() == nag)
                .map(Map.Entry::getKey)
                .findFirst()
                .or(() -> Verdict.ofNag(nag).map(Verdict::symbol))
                .orElse("$" + nag);
    }

    /** Whether the glyph grades the move itself (1 to 9) rather than the position. */
    public static boolean gradesMove(int nag) {
        return nag >= 1 && nag <= 9;
    }
}
