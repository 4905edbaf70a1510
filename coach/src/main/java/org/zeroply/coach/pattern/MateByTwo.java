package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/**
 * A man of one kind gives mate, and one of the other has a part in it: it guards the first, or
 * takes a square beside from the king. Which of the two gives it does not matter.
 */
record MateByTwo(Side side, PieceType one, PieceType other) implements Condition {

    /** What it takes to see that there is no move, in nanoseconds or so. */
    private static final int MATE = 500;

    @Override
    public boolean holds(Situation situation) {
        if (!situation.hasMated(side)) {
            return false;
        }
        Board board = situation.board();
        int king = board.kingSquare(side.other().ordinal());
        for (int giver : Squares.list(board.checkers())) {
            PieceType type = PieceType.of(board.typeAt(giver));
            if (type == one && isHelped(board, king, giver, other)
                    || type == other && isHelped(board, king, giver, one)) {
                return true;
            }
        }
        return false;
    }

    private boolean isHelped(Board board, int king, int giver, PieceType by) {
        long wanted = Attacks.king(king) & ~board.pieces(side.other().ordinal()) | 1L << giver;
        long men = board.occupied() & ~(1L << king);
        for (int helper : Squares.list(Men.of(by).on(board, side) & ~(1L << giver))) {
            long seen =
                    by == PieceType.PAWN
                            ? Attacks.pawn(side.ordinal(), helper)
                            : Attacks.of(by.ordinal(), helper, men);
            if ((seen & wanted) != 0) {
                return true;
            }
        }
        return false;
    }

    @Override
    public String text() {
        return side.smallWord() + " mate by a " + one.word() + " with a " + other.word();
    }

    @Override
    public Condition under(Symmetry way) {
        return new MateByTwo(way.side(side), one, other);
    }

    @Override
    public int cost() {
        return MATE;
    }
}
