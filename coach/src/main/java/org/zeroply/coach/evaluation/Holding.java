package org.zeroply.coach.evaluation;

import java.util.Locale;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * What can be kept by who is to move. Between the three results lies what was not proved: it is
 * called unclear.
 */
public enum Holding {
    WIN("winning"),
    DRAW(CoachWords.of("evaluation.the-balance-is-kept")),
    LOSS("losing"),
    UNCLEAR("unclear");

    /** From here on a position counts as won, and as lost at as little; our own choice. */
    private static final double DECIDED = 0.90;

    /** At so much or less a position counts as lost, so that the other side has won. */
    static final double LOST = 0.10;

    /** Within so much of a half the balance counts as kept; our own choice. */
    private static final double LEVEL = 0.25;

    /** Up to here a position counts as level. */
    static final double LEVEL_TO = 0.5 + LEVEL;

    private final String words;

    Holding(String words) {
        this.words = words;
    }

    /** The class of what a move is worth to who plays it. */
    public static Holding of(Weighed move) {
        if (move.exact()) {
            int sign = move.expected().compareTo(ExpectedScore.DRAW);
            return sign == 0 ? DRAW : sign > 0 ? WIN : LOSS;
        }
        if (move.score() instanceof Score.Mate mate) {
            return mate.moves() > 0 ? WIN : LOSS;
        }
        return of(move.expected());
    }

    /** The class of an expected score: decided from 0.90 and 0.10, level between 0.25 and 0.75. */
    public static Holding of(ExpectedScore expected) {
        if (expected.value() >= DECIDED) {
            return WIN;
        }
        if (expected.value() <= LOST) {
            return LOSS;
        }
        return Math.abs(expected.over(ExpectedScore.DRAW)) <= LEVEL ? DRAW : UNCLEAR;
    }

    /** The class in words. */
    public String words() {
        return words;
    }

    /** The name in files and for scripts. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
