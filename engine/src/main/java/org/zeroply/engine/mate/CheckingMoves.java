package org.zeroply.engine.mate;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;

/**
 * Tells which moves of one position give check without playing most of them: what the enemy king is
 * attacked from, and what stands between it and a line piece, is found once for all moves.
 */
public final class CheckingMoves {

    /** By type of man: the squares from which it attacks the enemy king. */
    private final long[] from = new long[6];

    /**
     * Men of the side to move that uncover a line piece wherever they go, unless along the line.
     */
    private long uncovering;

    private Board board;
    private int king;

    /** Looks at a position. */
    public void begin(Board of) {
        board = of;
        int us = of.sideToMove();
        king = of.kingSquare(1 - us);
        long occupied = of.occupied();
        long bishop = Attacks.bishop(king, occupied);
        long rook = Attacks.rook(king, occupied);
        from[0] = Attacks.pawn(1 - us, king);
        from[1] = Attacks.knight(king);
        from[2] = bishop;
        from[3] = rook;
        from[4] = bishop | rook;
        from[5] = 0;
        uncovering = 0;
        long own = of.pieces(us);
        long queens = of.piecesOfType(4);
        long lines =
                own
                        & (Attacks.diagonals(king) & (of.piecesOfType(2) | queens)
                                | Attacks.straights(king) & (of.piecesOfType(3) | queens));
        for (long rest = lines; rest != 0; rest &= rest - 1) {
            long between = Attacks.between(king, Long.numberOfTrailingZeros(rest)) & occupied;
            if ((between & between - 1) == 0) {
                uncovering |= between & own;
            }
        }
    }

    /** Whether a legal move of that position gives check. */
    public boolean isCheck(int move) {
        int start = Move.from(move);
        int to = Move.to(move);
        int kind = Move.kind(move);
        if (!Move.isPromotion(move)
                && kind != Move.EN_PASSANT
                && kind != Move.KING_SIDE_CASTLING
                && kind != Move.QUEEN_SIDE_CASTLING) {
            if ((from[board.typeAt(start)] & 1L << to) != 0) {
                return true;
            }
            return (uncovering & 1L << start) != 0 && (Attacks.line(king, start) & 1L << to) == 0;
        }
        board.make(move);
        boolean check = board.inCheck();
        board.unmake(move);
        return check;
    }
}
