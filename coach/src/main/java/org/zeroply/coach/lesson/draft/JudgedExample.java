package org.zeroply.coach.lesson.draft;

import java.util.List;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;

/**
 * What an example comes to, in expected score.
 *
 * @param jump the largest rise between two looks
 * @param jumpAt at which look that was, in plies from the example
 */
record JudgedExample(
        ExamplePlace place, double at, double least, double after, double jump, int jumpAt) {

    /** Moves of an example that are shown, in plies. */
    static final int SHOWN = 16;

    /** Between two looks at an example. */
    static final int EVERY = 4;

    /** A longer rest of a game is not decided by what was there at its beginning. */
    private static final int LONGEST = 60;

    /** An example that goes on for fewer plies shows nothing: our choice. */
    private static final int SHORTEST = 4;

    /** An example may not fall back by more than this on its way, in expected score. */
    private static final double STEADY = 0.1;

    /** Whoever begins with less won by errors of the other side. */
    private static final double SOUND = 0.45;

    /** What an example comes to, and what a failure has, at the least and at the most. */
    private static final double CLEAR = 0.75;

    /** Whoever has more has won by what came before. */
    private static final double WON = 0.85;

    /** Something is already decided from here on, and shows nothing. */
    static final double DECIDED = 0.95;

    /** A rise by more than this between two looks is an error of the other side. */
    private static final double JUMP = 0.3;

    /**
     * Looks at what follows in the game, now and then.
     *
     * @param brief for these looks
     */
    static JudgedExample of(ExamplePlace place, MoveEvaluator brief) {
        Example example = place.example();
        List<Position> positions = example.onwards();
        double at = brief.expected(positions.get(0), example.side()).value();
        double least = at;
        double after = at;
        double jump = 0;
        int jumpAt = 0;
        int last = Math.min(SHOWN, positions.size() - 1);
        for (int i = EVERY; i < last + EVERY; i += EVERY) {
            int look = Math.min(i, last);
            double now = brief.expected(positions.get(look), example.side()).value();
            if (now - after > jump) {
                jump = now - after;
                jumpAt = look;
            }
            after = now;
            least = i <= last ? Math.min(least, now) : least;
        }
        if (last < SHOWN && example.won()) {
            after = Math.max(after, CLEAR);
        }
        return new JudgedExample(place, at, least, after, jump, jumpAt);
    }

    Example example() {
        return place.example();
    }

    /** Plies to the end of the game. */
    int rest() {
        return example().game().mainLine().size() - example().ply();
    }

    /** Whether something beside the theme may decide: men more, errors, or what was before. */
    boolean isDisturbed() {
        return !place.level() || isGift() || at < SOUND || at > WON;
    }

    /** Whether much of it came at once, by an error of the other side. */
    boolean isGift() {
        return jump > JUMP;
    }

    /** Whether the side won the game from there with the theme, and never fell back. */
    boolean isClear() {
        return example().won()
                && place.played()
                && rest() >= SHORTEST
                && rest() <= LONGEST
                && at < DECIDED
                && least >= at - STEADY
                && after >= CLEAR;
    }
}
