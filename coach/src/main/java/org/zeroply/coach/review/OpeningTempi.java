package org.zeroply.coach.review;

import java.util.List;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Node;

/**
 * How a side spent its moves up to a point of the opening.
 *
 * @param developed knights and bishops that have left their squares or been exchanged after leaving
 *     them, and are still on the board
 * @param castled whether the side has castled
 * @param pawnMoves moves of pawns
 * @param movedTwice moves of pieces, kings aside, that had moved before
 */
public record OpeningTempi(int developed, boolean castled, int pawnMoves, int movedTwice) {

    private static final List<Integer> HOMES =
            List.of(Square.A1 + 1, Square.C1, Square.F1, Square.G1);

    /** The tempi of a side after so many of its moves along the main line. */
    public static OpeningTempi of(List<Node> mainLine, Side side, int moves) {
        boolean castled = false;
        int pawnMoves = 0;
        int movedTwice = 0;
        long movedTo = 0;
        int made = 0;
        Position last = mainLine.isEmpty() ? Position.START : mainLine.get(0).position();
        for (Node node : mainLine) {
            Position before = node.parent().orElseThrow().position();
            if (before.sideToMove() != side) {
                last = node.position();
                continue;
            }
            if (made++ == moves) {
                break;
            }
            last = node.position();
            PieceType type = before.pieceAt(node.move().from()).map(Piece::type).orElseThrow();
            castled |= node.move().isCastling();
            pawnMoves += type == PieceType.PAWN ? 1 : 0;
            boolean again = (movedTo & 1L << node.move().from()) != 0;
            movedTwice += again && type != PieceType.PAWN && type != PieceType.KING ? 1 : 0;
            movedTo = movedTo & ~(1L << node.move().from()) | 1L << node.move().to();
        }
        return new OpeningTempi(developed(last, side), castled, pawnMoves, movedTwice);
    }

    private static int developed(Position position, Side side) {
        long minors =
                position.pieces(side, PieceType.KNIGHT) | position.pieces(side, PieceType.BISHOP);
        for (int home : HOMES) {
            minors &= ~(1L << (side == Side.WHITE ? home : home ^ 56));
        }
        return Long.bitCount(minors);
    }

    /** Developed pieces and castling, each a tempo: what a lead in development is counted in. */
    public int tempi() {
        return developed + (castled ? 1 : 0);
    }
}
