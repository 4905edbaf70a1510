package org.zeroply.coach.pattern;

import java.util.List;
import org.zeroply.chess.board.Side;

/**
 * A moment of a game's review, as far as queries ask for it.
 *
 * @param ply the move it is about, 1 for the first
 * @param kind one of {@link #KINDS}
 * @param side whom it teaches something
 */
public record GameMoment(int ply, String kind, Side side) {

    /** The kinds of moments by their names in files; those of the review, which a test holds. */
    public static final List<String> KINDS =
            List.of(
                    "turn",
                    "missed-chance",
                    "last-hold",
                    "ignored-threat",
                    "unpunished-error",
                    "wrong-capture",
                    "hard-move-found",
                    "right-capture",
                    "several-ways",
                    "departure",
                    "strategic",
                    "coach");
}
