package org.zeroply.coach.pattern;

import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/**
 * Whether what a query asks of a side weighs on it, so that the other one makes use of it: a bad
 * bishop is a theme of whoever plays against it. What is a strength to one school and a weakness to
 * another (an isolated queen's pawn, hanging pawns) is not among it.
 */
public final class Burden {

    private static final String WORDS =
            "(?:isolated|doubled|isolated doubled|tripled|backward) pawns?"
                    + "|weak (?:square|back rank|colour|dark squares|light squares)"
                    + "|(?:bad|blocked) bishop"
                    + "|immobile|frozen|tied|stranded|trapped|overloaded|pinned"
                    + "|hanging (?!pawn)"
                    + "|exposed king|king in the centre|king cut off"
                    + "|in check|pieces undeveloped";

    private Burden() {}

    /** Whether the last step of a query names something that weighs on a side. */
    public static boolean isOn(Side side, Query query) {
        String word = side.smallWord();
        Pattern own =
                Pattern.compile(
                        "\\b"
                                + word
                                + " (?:[\\w-]+ ){0,3}?(?:"
                                + WORDS
                                + ")|open file at the "
                                + word);
        return query.lastConditions().stream().anyMatch(c -> own.matcher(c.text()).find());
    }
}
