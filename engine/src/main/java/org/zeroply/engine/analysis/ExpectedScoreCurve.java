package org.zeroply.engine.analysis;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

/**
 * What a score is worth in points of a game, between 0 and 1, at the material left on one board:
 * the logistic curve {@code 1 / (1 + exp(-cp / scale))}, whose scale depends on the phase of the
 * game. It was fitted at three phases on games of this engine with itself by {@code zeroply tune
 * --expected}; see docs/engine.md.
 */
public final class ExpectedScoreCurve {

    /** Scale in centipawns with all pieces, with under half of them, and with hardly any. */
    private static final double FULL_BOARD = 98;

    private static final double HALF_BOARD = 119;
    private static final double BARE_BOARD = 166;

    /** The phases at which those were found. */
    private static final double FULL_PHASE = 21.4;

    private static final double HALF_PHASE = 10.9;
    private static final double BARE_PHASE = 4.3;

    private static final int MOST_PIECES = 24;

    private final double scale;

    private ExpectedScoreCurve(double scale) {
        this.scale = scale;
    }

    /** The curve for the material on a board. */
    public static ExpectedScoreCurve at(Board board) {
        double phase = Math.max(BARE_PHASE, Math.min(FULL_PHASE, phase(board)));
        return new ExpectedScoreCurve(
                phase < HALF_PHASE
                        ? between(phase, BARE_PHASE, BARE_BOARD, HALF_PHASE, HALF_BOARD)
                        : between(phase, HALF_PHASE, HALF_BOARD, FULL_PHASE, FULL_BOARD));
    }

    private static double between(double x, double x0, double y0, double x1, double y1) {
        return y0 + (y1 - y0) * (x - x0) / (x1 - x0);
    }

    /** The curve for the material of a position. */
    public static ExpectedScoreCurve at(Position position) {
        return at(position.toBoard());
    }

    /** Expected score of the side that the score is for. */
    public ExpectedScore of(Score score) {
        if (score instanceof Score.Mate m) {
            return m.moves() > 0 ? ExpectedScore.WIN : ExpectedScore.LOSS;
        }
        return new ExpectedScore(1 / (1 + Math.exp(-score.ordinal() / scale)));
    }

    /** The phase of the game by the pieces on the board; see {@link #phase(Board)}. */
    public static int phase(Position position) {
        return phase(position.toBoard());
    }

    /** Knights and bishops count 1, rooks 2, queens 4; at most {@value #MOST_PIECES}. */
    private static int phase(Board b) {
        int weight =
                Long.bitCount(b.piecesOfType(1) | b.piecesOfType(2))
                        + 2 * Long.bitCount(b.piecesOfType(3))
                        + 4 * Long.bitCount(b.piecesOfType(4));
        return Math.min(weight, MOST_PIECES);
    }
}
