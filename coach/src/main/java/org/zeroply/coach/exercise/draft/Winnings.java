package org.zeroply.coach.exercise.draft;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * What the solver of an exercise has won on the board.
 *
 * @param start where the exercise begins
 */
record Winnings(Position start, Side solver) {

    /** Hundredths of a point after which material decides. */
    private static final int DECISIVE = 200;

    /** Whether a mate or decisive material is on the board. */
    boolean areShown(Position position) {
        return position.isCheckmate() || hundredths(position) >= DECISIVE;
    }

    /** In hundredths of a point since the start, less what the opponent can take at once. */
    int hundredths(Position end) {
        int taken = end.sideToMove() == solver ? 0 : bestCapture(end);
        return lead(end) - lead(start) - taken;
    }

    private int lead(Position position) {
        return MaterialBalance.of(position).lead(solver, MaterialScale.SCHOOL);
    }

    /** Whether a capture pays for who is to move. */
    static boolean canBeTaken(Position position) {
        return bestCapture(position) > 0;
    }

    /** What the best capture wins by static exchange, in centipawns; 0 when none pays. */
    private static int bestCapture(Position position) {
        Board board = position.toBoard();
        return position.legalMoves().stream()
                .filter(Move::isCapture)
                .mapToInt(m -> LegalExchange.of(board, m.packed()))
                .filter(gain -> gain > 0)
                .max()
                .orElse(0);
    }
}
