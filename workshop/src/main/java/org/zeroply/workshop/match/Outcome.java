package org.zeroply.workshop.match;

/** How a game ended. */
public enum Outcome {
    WHITE_WINS(1, "1-0"),
    DRAW(0.5, "1/2-1/2"),
    BLACK_WINS(0, "0-1");

    private final double points;
    private final String result;

    Outcome(double points, String result) {
        this.points = points;
        this.result = result;
    }

    /** As PGN writes it. */
    public String result() {
        return result;
    }

    /** Points for White: 1, 0.5 or 0. */
    public double points() {
        return points;
    }
}
