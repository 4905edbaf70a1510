package org.zeroply.coach.fact;

/** The order in which a coach tells what a position holds: what can be forced before all else. */
public enum FactGroup {
    TACTICS("Tactics"),
    MATERIAL("Material"),
    KINGS("Kings"),
    PAWNS("Pawns and squares"),
    PIECES("Pieces"),
    PLANS("Plans");

    private final String title;

    FactGroup(String title) {
        this.title = title;
    }

    /** The heading on screen and in print. */
    public String title() {
        return title;
    }
}
