package org.zeroply.coach.ending;

import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/**
 * One king stays where it is, the other is put on every square: the result there with either side
 * to move, from the view of the king that moves about.
 *
 * @param mover whose king is put about
 * @param toMove results by square when its side is to move, empty squares of the array where no
 *     legal position is
 * @param waiting results by square when the other side is to move
 */
public record KingMap(Side mover, EndingReport.Result[] toMove, EndingReport.Result[] waiting) {

    /** The map of a side's king in a solved ending, the other king where the position has it. */
    public static KingMap of(PawnEnding ending, Position position, Side mover) {
        int fixed = Squares.first(position.pieces(mover.other(), PieceType.KING));
        EndingReport.Result[] toMove = new EndingReport.Result[64];
        EndingReport.Result[] waiting = new EndingReport.Result[64];
        for (int square = 0; square < 64; square++) {
            int white = mover == Side.WHITE ? square : fixed;
            int black = mover == Side.WHITE ? fixed : square;
            int own = ending.value(position, mover, white, black);
            int others = ending.value(position, mover.other(), white, black);
            toMove[square] = own == KingTable.ILLEGAL ? null : EndingReport.Result.of(own);
            waiting[square] =
                    others == KingTable.ILLEGAL
                            ? null
                            : EndingReport.Result.of(-Integer.signum(others));
        }
        return new KingMap(mover, toMove, waiting);
    }

    /** The result on a square, if a king can stand there. */
    public java.util.Optional<EndingReport.Result> at(int square, boolean moverToMove) {
        return java.util.Optional.ofNullable(moverToMove ? toMove[square] : waiting[square]);
    }
}
