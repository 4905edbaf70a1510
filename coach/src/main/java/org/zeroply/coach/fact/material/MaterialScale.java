package org.zeroply.coach.fact.material;

import org.zeroply.chess.board.PieceType;
import org.zeroply.coach.texts.CoachWords;

/** How men are counted. Values are kept in hundredths of a point, so that sums are exact. */
public enum MaterialScale {

    /** The school scale: pawn 1, knight and bishop 3, rook 5, queen 9. */
    SCHOOL("1-3-3-5-9", 0, 100, 300, 300, 500, 900),

    /**
     * The finer scale: knight and bishop 3.25, rook 5, queen 9.75, and half a point for the bishop
     * pair (L. Kaufman, "The Evaluation of Material Imbalances", Chess Life, March 1999).
     */
    FINE(CoachWords.of("fact.fine-with-the-bishop-pair"), 50, 100, 325, 325, 500, 975);

    private final String label;
    private final int pair;
    private final int[] values;

    MaterialScale(String label, int pair, int... values) {
        this.label = label;
        this.pair = pair;
        this.values = values;
    }

    /** The name of the scale on screen. */
    public String label() {
        return label;
    }

    /** Value of a man in hundredths of a point; kings count nothing. */
    public int value(PieceType type) {
        return type == PieceType.KING ? 0 : values[type.ordinal()];
    }

    /** Value of having both bishops, in hundredths of a point. */
    public int bishopPair() {
        return pair;
    }
}
