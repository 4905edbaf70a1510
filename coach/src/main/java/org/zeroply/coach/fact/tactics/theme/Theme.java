package org.zeroply.coach.fact.tactics.theme;

import java.util.Locale;

/**
 * What a winning line turns on. What each theme means exactly is written in {@code docs/review.md}.
 * Of those that one move shows, the earlier here is told first.
 */
public enum Theme {
    MATE("mate"),
    BACK_RANK("back rank"),
    SMOTHERED_MATE("smothered mate"),
    EPAULETTE_MATE("epaulette mate"),
    DOVETAIL_MATE("dovetail mate"),
    SWALLOWTAIL_MATE("swallowtail mate"),
    ARABIAN_MATE("Arabian mate"),
    ANASTASIA_MATE("Anastasia's mate"),
    CROSSED_BISHOPS_MATE("mate by crossed bishops"),
    LADDER_MATE("ladder mate"),
    HANGING_PIECE("hanging piece"),
    WINDMILL("windmill"),
    DOUBLE_CHECK("double check"),
    DESPERADO("desperado"),
    DECOY("decoy"),
    OVERLOAD("overloaded guard"),
    DEFLECTION("deflection"),
    INTERFERENCE("interference"),
    CLEARANCE("clearance"),
    COUNTER_PIN("counter-pin"),
    IN_BETWEEN_MOVE("in-between move"),
    FORK("fork"),
    DISCOVERED_ATTACK("discovered attack"),
    SKEWER("skewer"),
    PIN("pin"),
    GUARD_REMOVED("guard removed"),
    X_RAY("x-ray"),
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
