package org.zeroply.coach.review;

import java.util.Locale;
import java.util.function.ToIntFunction;
import org.zeroply.coach.texts.CoachWords;

/** How many moves of a player were given a grade: the rows that figures of a game show. */
public enum GradeFigure {
    DUBIOUS(
            CoachWords.of("review.moves-with-a-loss"),
            MoveReview.DUBIOUS,
            "?!",
            p -> p.errors().dubious()),
    MISTAKES("", MoveReview.MISTAKE, "?", p -> p.errors().mistakes()),
    BLUNDERS("", MoveReview.BLUNDER, "??", p -> p.errors().blunders());

    private final String begins;
    private final double from;
    private final String grade;
    private final ToIntFunction<PlayerReview> count;

    GradeFigure(String begins, double from, String grade, ToIntFunction<PlayerReview> count) {
        this.begins = begins;
        this.from = from;
        this.grade = grade;
        this.count = count;
    }

    /** The grade with the loss from which on it is given: {@code from 18 ?}. */
    public String label() {
        return String.format(Locale.ROOT, CoachWords.of("review.from"), begins, from, grade);
    }

    /** How many there are. */
    public int of(PlayerReview player) {
        return count.applyAsInt(player);
    }
}
