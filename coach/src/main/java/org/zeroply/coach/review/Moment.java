package org.zeroply.coach.review;

import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;

/**
 * A moment of a game worth stopping at.
 *
 * @param move the move it is about
 * @param kind why one stops
 * @param side whom it teaches something
 * @param line the line that proves it, from the position before the move or, for a threat, after it
 * @param weight how instructive, in points of a hundred; more is better
 * @param text why, in a sentence or two
 */
public record Moment(
        MoveReview move, Kind kind, Side side, List<Move> line, double weight, String text) {

    public Moment {
        line = List.copyOf(line);
    }

    /** Why one stops at a moment. */
    public enum Kind {
        TURN("the turn"),
        MISSED_CHANCE("a chance not taken"),
        LAST_HOLD("the last hold"),
        IGNORED_THREAT("a threat not seen"),
        UNPUNISHED_ERROR("an error returned"),
        HARD_MOVE_FOUND("a hard move found"),
        SEVERAL_WAYS("several ways"),
        STRATEGIC("a strategic decision");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** The heading of a card. */
        public String title() {
            return title;
        }

        /** The name in files and for scripts: {@code missed-chance}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
