package org.zeroply.engine.analysis;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

/**
 * What a score is worth in points of a game, between 0 and 1, at the material left on one board.
 * Beyond an edge a game is won more often than not, and lost as far on the other side; between the
 * two most are drawn:
 *
 * <pre>
 * won = 1 / (1 + exp((edge - cp) / width)), lost = 1 / (1 + exp((edge + cp) / width))
 * expected = (1 + won - lost) / 2
 * </pre>
 *
 * <p>Edge and width, in centipawns, depend on the phase of the game: the fewer men, the more it
 * takes to win. They were fitted at three phases on games of this engine with itself by {@code
 * zeroply tune --expected}; see docs/engine.md.
 */
public final class ExpectedScoreCurve {

    /** What was found at one phase of the game. */
    private record Fitted(double phase, double edge, double width) {

        Fitted towards(Fitted other, double at) {
            double part = (at - phase) / (other.phase - phase);
            return new Fitted(
                    at, edge + part * (other.edge - edge), width + part * (other.width - width));
        }
    }

    /** With all pieces, with under half of them, and with hardly any. */
    private static final Fitted FULL = new Fitted(21.5, 0, 113);

    private static final Fitted HALF = new Fitted(10.9, 118, 96);
    private static final Fitted BARE = new Fitted(4.1, 247, 94);

    private static final int MOST_PIECES = 24;

    private final Fitted fitted;

    private ExpectedScoreCurve(Fitted fitted) {
        this.fitted = fitted;
    }

    /** The curve for the material on a board. */
    public static ExpectedScoreCurve at(Board board) {
        double phase = Math.max(BARE.phase(), Math.min(FULL.phase(), phase(board)));
        return new ExpectedScoreCurve(
                phase < HALF.phase() ? BARE.towards(HALF, phase) : HALF.towards(FULL, phase));
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
        return new ExpectedScore(expected(score.ordinal(), fitted.edge(), fitted.width()));
    }

    /**
     * The curve itself.
     *
     * @param edge centipawns from which on a game is won more often than not
     * @param width centipawns; the smaller, the surer
     */
    public static double expected(double centipawns, double edge, double width) {
        return (logistic((centipawns - edge) / width) + logistic((centipawns + edge) / width)) / 2;
    }

    private static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
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
