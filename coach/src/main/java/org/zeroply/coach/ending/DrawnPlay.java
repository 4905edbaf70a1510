package org.zeroply.coach.ending;

import java.util.Comparator;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/**
 * Which of the moves that draw a player would make: all are equal by their result, but a line in
 * which somebody gives his pawns away shows nothing. The order is our choice.
 */
final class DrawnPlay {

    /** A pawn counts more than any distance of kings on the board: our choice. */
    private static final int PAWN = 100;

    private DrawnPlay() {}

    /**
     * The most natural of some moves that draw: what takes or promotes, loses no pawn, and brings
     * the king near to the pawns, those that are about to promote before all.
     *
     * @throws java.util.NoSuchElementException if there are none
     */
    static Move natural(Position position, List<Move> moves) {
        return moves.stream().max(Comparator.comparingInt(m -> appeal(position, m))).orElseThrow();
    }

    private static int appeal(Position position, Move move) {
        Side side = position.sideToMove();
        Position after = position.play(move);
        boolean loses =
                after.legalMoves().stream()
                        .anyMatch(
                                m ->
                                        m.isCapture()
                                                && after.play(m).legalMoves().stream()
                                                        .noneMatch(b -> b.to() == m.to()));
        int gain = move.isCapture() || move.promotion().isPresent() ? 2 * PAWN : 0;
        boolean pawn = position.pieceAt(move.from()).orElseThrow().type() == PieceType.PAWN;
        int step = pawn ? Squares.rank(side, move.to()) : 0;
        return gain - (loses ? PAWN : 0) - distance(after, side) + step;
    }

    /** Moves of the king to all pawns, the far advanced ones counted more. */
    private static int distance(Position position, Side side) {
        int king = Squares.first(position.pieces(side, PieceType.KING));
        int sum = 0;
        for (Side whose : Side.values()) {
            for (int pawn : Squares.list(position.pieces(whose, PieceType.PAWN))) {
                int weight = Squares.rank(whose, pawn);
                int stop = Squares.stop(whose, pawn);
                sum += weight * Squares.distance(king, stop < 0 ? pawn : stop);
            }
        }
        return sum;
    }
}
