package org.zeroply.coach.ending;

/**
 * Results with a distance, for the side to move: 0 a draw, {@code n > 0} a win in n plies, {@code
 * -n - 1} a loss in n plies. The distance runs to mate or to a promotion that wins.
 */
final class Plies {

    /** Added to every win and taken from every loss when results are compared. */
    private static final int FAR = 20_000;

    private Plies() {}

    /** The result for the side that made a move, from the result for the side to move after it. */
    static int back(int after) {
        return after == 0 ? 0 : after < 0 ? -after : -after - 2;
    }

    /** A loss in so many plies. */
    static int lossIn(int plies) {
        return -plies - 1;
    }

    /** Orders results: quick wins first, then slow ones, draws, slow losses, quick ones. */
    static int rank(int value) {
        return value > 0 ? FAR - value : value < 0 ? -FAR - value : 0;
    }

    /** The better of two results for the side to move. */
    static int better(int a, int b) {
        return rank(a) >= rank(b) ? a : b;
    }

    /** Plies to the end of a win or loss. */
    static int distance(int value) {
        return value >= 0 ? value : -value - 1;
    }
}
