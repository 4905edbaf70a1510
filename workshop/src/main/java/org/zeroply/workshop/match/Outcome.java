package org.zeroply.workshop.match;

import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.tree.GameResult;

/** How a game ended. */
public enum Outcome {
    WHITE_WINS(1, GameResult.WHITE_WINS),
    DRAW(0.5, GameResult.DRAW),
    BLACK_WINS(0, GameResult.BLACK_WINS);

    private final double points;
    private final String result;

    Outcome(double points, String result) {
        this.points = points;
        this.result = result;
    }

    /**
     * How a game has ended in which the side to move has no move left; nothing while it has one.
     */
    public static Optional<Outcome> atEnd(Board board) {
        if (MoveGenerator.any(board)) {
            return Optional.empty();
        }
        return Optional.of(
                !board.inCheck() ? DRAW : board.sideToMove() == 0 ? BLACK_WINS : WHITE_WINS);
    }

    /**
     * Whether a game is drawn by a rule: by hardly any men, fifty moves, or a position that stands
     * for the third time.
     */
    public static boolean isDrawnByRule(Board board) {
        boolean bare =
                Long.bitCount(board.occupied()) <= 3
                        && (board.piecesOfType(0) | board.piecesOfType(3) | board.piecesOfType(4))
                                == 0;
        return bare || board.halfmoveClock() >= 100 || board.repetitions() >= 2;
    }

    /** As PGN writes it. */
    public String result() {
        return result;
    }

    /** Points for White: 1, 0.5 or 0. */
    public double points() {
        return points;
    }
}
