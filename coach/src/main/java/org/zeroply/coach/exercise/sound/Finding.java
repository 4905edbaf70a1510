package org.zeroply.coach.exercise.sound;

import java.util.Locale;
import org.zeroply.coach.texts.CoachWords;

/**
 * Something that is wrong with an exercise, or may be.
 *
 * @param line the line it is about, with move numbers; empty for the position or the whole
 * @param detail what was found, in words
 * @param exact whether the ending tables decide it
 */
public record Finding(Kind kind, Severity severity, String line, String detail, boolean exact) {

    /** What is wrong. */
    public enum Kind {
        /** The start cannot be a position of a game, or has no move. */
        ILLEGAL_START(CoachWords.of("exercise.the-start")),
        /** Prompt and position do not agree on who is to move. */
        SIDE_TO_MOVE(CoachWords.of("exercise.who-is-to-move")),
        /** The best move needs no finding. */
        OBVIOUS("Obvious"),
        /** Another move of the solver is as good as the one that earns points, or better. */
        SECOND_SOLUTION(CoachWords.of("exercise.second-solution")),
        /** A defence as good as those of the scheme, or better, is not in it. */
        MISSING_DEFENCE(CoachWords.of("exercise.missing-defence")),
        /** The scheme's verdict is not what the position is worth. */
        WRONG_VERDICT(CoachWords.of("exercise.wrong-verdict")),
        /** The main line ends with much less than its first move promises. */
        BROKEN_PROMISE(CoachWords.of("exercise.main-line")),
        /** What should tempt and fail does not fail. */
        NOT_REFUTED(CoachWords.of("exercise.not-refuted")),
        /** A move marked as equal gives something away. */
        NOT_EQUAL(CoachWords.of("exercise.not-equal")),
        /** The first move did not settle on the nodes there were. */
        UNSETTLED("Unclear"),
        /** Of two ways that are equal, one can earn less. */
        UNEVEN_WAYS(CoachWords.of("exercise.uneven-ways")),
        /** Points that no answer can earn. */
        UNREACHABLE_POINTS(CoachWords.of("exercise.points-out-of-reach")),
        /** The items do not add up to the maximum. */
        POINTS_SUM(CoachWords.of("exercise.sum-of-points")),
        /** The same position, perhaps turned over, is an exercise already. */
        DUPLICATE("Duplicate"),
        /** The file holds something that cannot be read. */
        UNREADABLE(CoachWords.of("exercise.cannot-be-read-2"));

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** The kind as a heading. */
        public String title() {
            return title;
        }

        /** The kind for scripts: {@code second-solution}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** How much it matters. */
    public enum Severity {
        /** The exercise is not sound as it is. */
        ERROR,
        /** A coach should look at it. */
        WARNING,
        /** Good to know. */
        NOTE;

        /** The severity for scripts, in lower case. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
