package org.zeroply.engine.search;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;

/** All squares on which a side could take something, pins not regarded. */
final class AttackedSquares {

    private AttackedSquares() {}

    /**
     * The squares that men of a side attack, own men on them or not.
     *
     * @param side 0 or 1
     */
    static long by(Board board, int side) {
        long occupied = board.occupied();
        long own = board.pieces(side);
        long queens = board.piecesOfType(4);
        long squares = Attacks.pawns(side, own & board.piecesOfType(0));
        for (long men = own & board.piecesOfType(1); men != 0; men &= men - 1) {
            squares |= Attacks.knight(Long.numberOfTrailingZeros(men));
        }
        for (long men = own & (board.piecesOfType(2) | queens); men != 0; men &= men - 1) {
            squares |= Attacks.bishop(Long.numberOfTrailingZeros(men), occupied);
        }
        for (long men = own & (board.piecesOfType(3) | queens); men != 0; men &= men - 1) {
            squares |= Attacks.rook(Long.numberOfTrailingZeros(men), occupied);
        }
        return squares | Attacks.king(board.kingSquare(side));
    }
}
