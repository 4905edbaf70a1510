package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/**
 * One king stays where it is, the other is put on every square: the result there with either side
 * to move, from the view of the king that moves about.
 *
 * @param mover whose king is put about
 * @param toMove results by square (0-63) when its side is to move; nothing where no king can stand
 * @param waiting results by square when the other side is to move
 */
public record KingMap(
        Side mover,
        List<Optional<EndingReport.Result>> toMove,
        List<Optional<EndingReport.Result>> waiting) {

    public KingMap {
        toMove = List.copyOf(toMove);
        waiting = List.copyOf(waiting);
    }

    /** The map of a side's king in a solved ending, the other king where the position has it. */
    public static KingMap of(PawnEnding ending, Position position, Side mover) {
        int fixed = Squares.first(position.pieces(mover.other(), PieceType.KING));
        List<Optional<EndingReport.Result>> toMove = new ArrayList<>();
        List<Optional<EndingReport.Result>> waiting = new ArrayList<>();
        for (int square = 0; square < 64; square++) {
            int white = mover == Side.WHITE ? square : fixed;
            int black = mover == Side.WHITE ? fixed : square;
            int own = ending.value(position, mover, white, black);
            int others = ending.value(position, mover.other(), white, black);
            toMove.add(result(own, own));
            waiting.add(result(others, -Integer.signum(others)));
        }
        return new KingMap(mover, toMove, waiting);
    }

    private static Optional<EndingReport.Result> result(int found, int forMover) {
        return found == KingTable.ILLEGAL
                ? Optional.empty()
                : Optional.of(EndingReport.Result.of(forMover));
    }

    /** The result on a square, if a king can stand there. */
    public Optional<EndingReport.Result> at(int square, boolean moverToMove) {
        return (moverToMove ? toMove : waiting).get(square);
    }
}
