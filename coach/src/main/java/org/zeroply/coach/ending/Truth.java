package org.zeroply.coach.ending;

import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/** Whatever knows results; they are told for the side to move, as in {@link Plies}. */
interface Truth {

    /** Whether nothing in it was judged by search. */
    boolean isExact();

    /** Whether the result of a position is certain. */
    boolean isSettled(Position position);

    /** The result of a position. */
    int value(Position position);

    /** The result for the other side after a legal move. */
    int after(Position position, Move move);
}
