package org.zeroply.engine.search;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.mate.CheckingMoves;
import org.zeroply.engine.mate.MateInOne;

/**
 * Which moves of one position leave the opponent little choice: checks, and quiet moves by which a
 * man comes to bear on the enemy king and threatens mate. Near the root they are not left out,
 * whatever they offer.
 */
final class Forcing {

    private final CheckingMoves checks = new CheckingMoves();
    private boolean begun;
    private long around;

    /** Turns to another position. */
    void reset() {
        begun = false;
    }

    /** Whether a legal move of the position on the board, always the same one, is forcing. */
    boolean isForcing(Board board, int move) {
        if (!begun) {
            begun = true;
            checks.begin(board);
            around = Attacks.king(board.kingSquare(1 - board.sideToMove()));
        }
        if (checks.isCheck(move)) {
            return true;
        }
        if (!Move.isQuiet(move) || !bearsOnKing(board, move)) {
            return false;
        }
        board.make(move);
        boolean threat = threatensMate(board);
        board.unmake(move);
        return threat;
    }

    private boolean bearsOnKing(Board board, int move) {
        int type = board.typeAt(Move.from(move));
        int to = Move.to(move);
        long others = board.occupied() & ~(1L << Move.from(move));
        long reach =
                type == 0 ? Attacks.pawn(board.sideToMove(), to) : Attacks.of(type, to, others);
        return (reach & around) != 0;
    }

    /** Whether the side to move, not in check, would be mated at once if it passed. */
    static boolean threatensMate(Board board) {
        board.makeNull();
        boolean mate = MateInOne.find(board) != 0;
        board.unmakeNull();
        return mate;
    }
}
