package org.zeroply.engine.tuning;

import org.zeroply.chess.board.Board;

/** Material in the usual points. */
public final class Points {

    /** By type of man, pawn to king: 1, 3, 3, 5, 9, and nothing for the king. */
    static final int[] OF = {1, 3, 3, 5, 9, 0};

    private Points() {}

    /** What a side, 0 white or 1 black, has more than the other. */
    public static int lead(Board board, int side) {
        int sum = 0;
        for (int type = 0; type < OF.length; type++) {
            int more =
                    Long.bitCount(board.pieces(side, type))
                            - Long.bitCount(board.pieces(1 - side, type));
            sum += OF[type] * more;
        }
        return sum;
    }
}
