package org.zeroply.coach.fact;

import org.zeroply.coach.texts.CoachWords;

/** The order in which a coach tells what a position holds: what can be forced before all else. */
public enum FactGroup {
    TACTICS("fact.tactics"),
    MATERIAL("fact.material"),
    KINGS("fact.kings"),
    PAWNS("fact.pawns-and-squares"),
    PIECES("fact.men-and-pieces"),
    PLANS("fact.plans");

    private final String key;

    FactGroup(String key) {
        this.key = key;
    }

    /** The heading on screen and in print. */
    public String title() {
        return CoachWords.of(key);
    }
}
