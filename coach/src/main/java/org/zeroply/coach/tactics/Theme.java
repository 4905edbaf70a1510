package org.zeroply.coach.tactics;

import java.util.Locale;

/**
 * What a winning line turns on. What each theme means exactly is written in {@code docs/review.md}.
 */
public enum Theme {
    MATE("mate"),
    BACK_RANK("back rank"),
    HANGING_PIECE("hanging piece"),
    FORK("fork"),
    DISCOVERED_ATTACK("discovered attack"),
    SKEWER("skewer"),
    PIN("pin"),
    GUARD_REMOVED("guard removed"),
    TRAPPED_PIECE("trapped piece"),
    PROMOTION("promotion"),
    PAWN_ENDING("pawn ending");

    private final String words;

    Theme(String words) {
        this.words = words;
    }

    /** The theme in words, as in the themes of an exercise. */
    public String words() {
        return words;
    }

    /** The name in files and for scripts: {@code back-rank}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
