package org.zeroply.chess.notation;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;

/** The legal moves of pieces to a square, found from the square: most positions have few. */
final class PieceMoves {

    private PieceMoves() {}

    /** The legal moves of the mover's pieces of a type to a square, castling and pawns left out. */
    static List<Move> to(Position position, PieceType type, int target) {
        long occupied = position.occupied();
        int kind = (occupied & 1L << target) == 0 ? Move.QUIET : Move.CAPTURE;
        long from =
                Attacks.of(type.ordinal(), target, occupied)
                        & position.pieces(position.sideToMove(), type);
        List<Move> moves = new ArrayList<>(2);
        for (; from != 0; from &= from - 1) {
            Move move = new Move(Move.pack(Long.numberOfTrailingZeros(from), target, kind));
            if (position.isLegal(move)) {
                moves.add(move);
            }
        }
        return moves;
    }
}
