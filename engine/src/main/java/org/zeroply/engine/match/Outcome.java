package org.zeroply.engine.match;

/** How a game ended. */
public enum Outcome {
    WHITE_WINS(1),
    DRAW(0.5),
    BLACK_WINS(0);

    private final double points;

    Outcome(double points) {
        this.points = points;
    }

    /** Points for White: 1, 0.5 or 0. */
    public double points() {
        return points;
    }
}
