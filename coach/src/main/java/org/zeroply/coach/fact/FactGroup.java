package org.zeroply.coach.fact;

import org.zeroply.coach.texts.CoachWords;

/** The order in which a coach tells what a position holds: what can be forced before all else. */
public enum FactGroup {
    TACTICS(CoachWords.of("fact.tactics")),
    MATERIAL(CoachWords.of("fact.material")),
    KINGS(CoachWords.of("fact.kings")),
    PAWNS(CoachWords.of("fact.pawns-and-squares")),
    PIECES(CoachWords.of("fact.men-and-pieces")),
    PLANS(CoachWords.of("fact.plans"));

    private final String title;

    FactGroup(String title) {
        this.title = title;
    }

    /** The heading on screen and in print. */
    public String title() {
        return title;
    }
}
