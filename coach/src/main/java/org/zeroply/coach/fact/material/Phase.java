package org.zeroply.coach.fact.material;

import java.util.Locale;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.ExpectedScoreCurve;

/** The part of a game a move belongs to. */
public enum Phase {
    OPENING,
    MIDDLEGAME,
    ENDING;

    /** The opening lasts twelve moves at most, and while hardly anything has been exchanged. */
    private static final int OPENING_MOVES = 12;

    /**
     * Of the 24 of all men ({@link ExpectedScoreCurve#phase}), so many are left in an opening: our
     * choice.
     */
    private static final int NEARLY_ALL = 20;

    /**
     * From so many points of pieces downwards it is an ending: two rooks and a minor piece a side.
     */
    private static final int FEW = 10;

    /**
     * The phase of a position, by the pieces on the board (knights and bishops 1, rooks 2, queens
     * 4; 24 at the start) and the number of the move.
     */
    public static Phase of(Position position) {
        int pieces = ExpectedScoreCurve.phase(position);
        if (pieces <= FEW) {
            return ENDING;
        }
        return position.fullmoveNumber() <= OPENING_MOVES && pieces >= NEARLY_ALL
                ? OPENING
                : MIDDLEGAME;
    }

    /** Lower case, for files and sentences. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
