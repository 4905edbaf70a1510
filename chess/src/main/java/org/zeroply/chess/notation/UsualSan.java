package org.zeroply.chess.notation;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;

/**
 * Reads SAN as nearly all of it is written, {@code Nbd7}, {@code exd5+} or {@code e4}, without
 * going through all legal moves. What it does not find may still be a move.
 */
final class UsualSan {

    private UsualSan() {}

    /** The one legal move of this name; empty where there is none, several, or another form. */
    static Optional<Move> find(Position position, String text) {
        int end = text.length();
        if (end > 0 && (text.charAt(end - 1) == '+' || text.charAt(end - 1) == '#')) {
            end--;
        }
        int target = end < 2 ? -1 : Square.parse(text.substring(end - 2, end));
        if (target < 0) {
            return Optional.empty();
        }
        int rest = end - 2;
        boolean takes = rest > 0 && text.charAt(rest - 1) == 'x';
        rest -= takes ? 1 : 0;
        int piece = rest == 0 ? -1 : "NBRQK".indexOf(text.charAt(0));
        if (piece >= 0) {
            return one(position, PieceType.of(piece + 1), target, text.substring(1, rest));
        }
        return rest == 0 && !takes
                ? push(position, target)
                : rest == 1 && takes ? capture(position, text.charAt(0) - 'a', target) : none();
    }

    private static Optional<Move> none() {
        return Optional.empty();
    }

    private static Optional<Move> one(
            Position position, PieceType type, int target, String origin) {
        if (origin.length() > 1) {
            return none();
        }
        List<Move> moves = PieceMoves.to(position, type, target);
        moves.removeIf(m -> !Square.name(m.from()).contains(origin));
        return moves.size() == 1 ? Optional.of(moves.get(0)) : none();
    }

    private static Optional<Move> push(Position position, int target) {
        int back = position.sideToMove() == Side.WHITE ? -8 : 8;
        int from = target + back;
        if (from < 0 || from > 63) {
            return none();
        }
        boolean single = position.pieceAt(from).isPresent();
        int kind = single ? Move.QUIET : Move.DOUBLE_PUSH;
        return legalPawnMove(position, single ? from : from + back, target, kind);
    }

    private static Optional<Move> capture(Position position, int file, int target) {
        int from = target + (position.sideToMove() == Side.WHITE ? -8 : 8);
        if (file < 0 || file > 7 || from < 0 || from > 63) {
            return none();
        }
        int kind = position.pieceAt(target).isPresent() ? Move.CAPTURE : Move.EN_PASSANT;
        return legalPawnMove(position, from - Square.file(from) + file, target, kind);
    }

    private static Optional<Move> legalPawnMove(Position position, int from, int target, int kind) {
        if (from < 0 || from > 63) {
            return none();
        }
        long pawns = position.pieces(position.sideToMove(), PieceType.PAWN);
        Move move = new Move(Move.pack(from, target, kind));
        return (pawns & 1L << from) != 0 && position.isLegal(move) ? Optional.of(move) : none();
    }
}
