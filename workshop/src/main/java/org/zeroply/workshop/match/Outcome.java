package org.zeroply.workshop.match;

import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.MoveGenerator;

/** How a game ended. */
public enum Outcome {
    WHITE_WINS(1, "1-0"),
    DRAW(0.5, "1/2-1/2"),
    BLACK_WINS(0, "0-1");

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
