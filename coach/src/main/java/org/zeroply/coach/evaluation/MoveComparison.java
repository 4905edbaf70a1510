package org.zeroply.coach.evaluation;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * Compares the moves of a position with the best one. A border between two results alone decides
 * nothing: what is as good as the best move holds as it does. The bounds are choices of this
 * program.
 */
public final class MoveComparison {

    /**
     * Expected score from which on a move is weaker than the best one; within it two moves of one
     * result are as good as each other.
     */
    public static final double WEAKER = 0.10;

    /** Where only the result counts, moves within so much expected score are ways to it. */
    public static final double WAYS = 0.20;

    /** A tempting move, or one that walks into a trap, gives away at least so much. */
    public static final double HARM = 0.20;

    /** A win that becomes level is given away where at least so much is lost. */
    static final double LETS_GO = 0.20;

    /** What is lost when a position turns from better, or level, to worse. */
    static final double TURNS = 0.40;

    /** Below this expected score a position is worse than level. */
    static final double WORSE = 0.25;

    /** From here on a position that is not won is called level, below it perhaps a draw. */
    private static final double LEVEL = 0.40;

    /** Material in hundredths of a point; less is a matter of trades. */
    private static final int PAWN = 100;

    /** So much is told even where a position is won by far. */
    private static final int PIECE = 300;

    /** The score has to be worse by so much of the material at least, one part in so many. */
    private static final int SHARE = 2;

    /** Expected score; a pawn is a price only where it makes so much of a difference. */
    private static final double FELT = 0.03;

    /** The same where the move still wins. */
    private static final double FELT_WHEN_WON = 0.05;

    /** Expected score within which a longer look may change the grade. */
    private static final double NEAR = 0.05;

    /** Lost, but not beyond doubt, from this expected score on. */
    private static final double DOUBT = 0.015;

    private final Position position;
    private final Weighed best;

    /** What is on the board when the forced part of a line is over: asked for again and again. */
    private final Map<List<Move>, MaterialBalance> settled;

    /**
     * @param position in which the moves are played
     * @param best the best move
     */
    public MoveComparison(Position position, Weighed best) {
        this(position, best, new HashMap<>());
    }

    private MoveComparison(
            Position position, Weighed best, Map<List<Move>, MaterialBalance> settled) {
        this.position = position;
        this.best = best;
        this.settled = settled;
    }

    /** The same moves beside another one, which is the best now. */
    public MoveComparison with(Weighed other) {
        return new MoveComparison(position, other, settled);
    }

    /** The position in which the moves are played. */
    public Position position() {
        return position;
    }

    /** The best move. */
    public Weighed best() {
        return best;
    }

    /** How a move stands beside the best one. */
    public Grade grade(Weighed move) {
        Holding kept = Holding.of(best);
        Holding result = Holding.of(move);
        if (kept == Holding.LOSS) {
            return Grade.FAILS;
        }
        if (best.exact() && move.exact()) {
            return kept == result ? Grade.HOLDS : Grade.FAILS;
        }
        if (isEqual(move)) {
            return Grade.HOLDS;
        }
        Loss loss = Loss.of(move, best);
        if (result == Holding.LOSS) {
            boolean proved = move.isMated() || loss.exceeds(WEAKER);
            return proved ? Grade.FAILS : Grade.UNCLEAR;
        }
        boolean letsGo = kept == Holding.WIN && result == Holding.DRAW && loss.exceeds(LETS_GO);
        if (letsGo || loss.exceeds(TURNS) && move.expected().value() < WORSE) {
            return Grade.FAILS;
        }
        return loss.exceeds(WEAKER) || given(move) > 0 ? Grade.PRICE : Grade.HOLDS;
    }

    /** Whether the result does not lie beyond a border, or the border alone tells them apart. */
    private boolean isEqual(Weighed move) {
        return best.expected().over(move.expected()) <= Weighed.EQUAL
                && best.score().ordinal() - move.score().ordinal() <= Weighed.EQUAL_CENTIPAWNS;
    }

    /** What a move costs that may keep the result. */
    public Price price(Weighed move) {
        Loss loss = Loss.of(move, best);
        int given = given(move);
        String what = given > 0 ? material(move) : loss.words();
        return new Price(loss, given, what + "; " + rest(move));
    }

    /** Whether a longer look may well change the grade. */
    public boolean isDoubtful(Weighed move) {
        if (move.isCertain()) {
            return false;
        }
        double expected = move.expected().value();
        double loss = best.expected().over(move.expected());
        Holding kept = Holding.of(best);
        boolean lost = Holding.of(move) == Holding.LOSS;
        return isNear(loss, WEAKER)
                || isNear(expected, Holding.LOST)
                || lost && expected > DOUBT
                || kept == Holding.WIN && isNear(expected, Holding.LEVEL_TO)
                || isNear(expected, WORSE) && loss > TURNS - NEAR
                || grade(move) == Grade.UNCLEAR;
    }

    private static boolean isNear(double value, double bound) {
        return Math.abs(value - bound) < NEAR;
    }

    /** Material given up against the best move, when the score says so too; else 0. */
    private int given(Weighed move) {
        int less = best.score().ordinal() - move.score().ordinal();
        if (best.isCertain() || move.isCertain() || less <= Weighed.EQUAL_CENTIPAWNS) {
            return 0;
        }
        int given = lead(settled(best)) - lead(settled(move));
        boolean told = given >= PIECE || given >= PAWN && Loss.of(move, best).exceeds(felt(move));
        return told && SHARE * less >= given ? given : 0;
    }

    private static double felt(Weighed move) {
        return Holding.of(move) == Holding.WIN ? FELT_WHEN_WON : FELT;
    }

    private MaterialBalance settled(Weighed move) {
        return settled.computeIfAbsent(move.line(), l -> LineGain.settled(position, l));
    }

    private int lead(MaterialBalance balance) {
        return balance.lead(position.sideToMove(), MaterialScale.SCHOOL);
    }

    private String material(Weighed move) {
        MaterialBalance now = MaterialBalance.of(position);
        MaterialBalance then = settled(move);
        Side side = position.sideToMove();
        boolean lost = lead(then) - lead(now) <= -PAWN;
        return lost
                ? then.given(now, side)
                : CoachWords.of(
                        "evaluation.less-than-the-best-move", then.given(settled(best), side));
    }

    private String rest(Weighed move) {
        return switch (Holding.of(move)) {
            case WIN -> CoachWords.of("evaluation.still-winning");
            case DRAW ->
                    CoachWords.of(
                            move.expected().value() >= LEVEL
                                    ? "evaluation.still-level"
                                    : "evaluation.perhaps-still-a-draw");
            case UNCLEAR ->
                    CoachWords.of(
                            move.expected().compareTo(ExpectedScore.DRAW) > 0
                                    ? "evaluation.still-better"
                                    : "evaluation.perhaps-still-a-draw");
            case LOSS -> "losing";
        };
    }
}
