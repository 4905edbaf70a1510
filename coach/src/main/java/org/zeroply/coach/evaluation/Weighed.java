package org.zeroply.coach.evaluation;

import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * A move and what it is worth to the side that plays it.
 *
 * @param expected expected score
 * @param depth plies searched; 0 where the ending tables know
 * @param line the move and what follows it
 * @param exact whether the ending tables decide
 */
public record Weighed(
        Move move, Score score, ExpectedScore expected, int depth, List<Move> line, boolean exact) {

    /** Moves are equal only within so much expected score, 0 to 1; this program's own choice. */
    public static final double EQUAL = 0.07;

    /** And within so many centipawns; this program's own choice. */
    public static final int EQUAL_CENTIPAWNS = 50;

    public Weighed {
        line = List.copyOf(line);
    }

    /** Whether it gives mate by force. */
    public boolean mates() {
        return score instanceof Score.Mate mate && mate.moves() > 0;
    }

    /** Whether it is mated by force. */
    public boolean isMated() {
        return score instanceof Score.Mate mate && mate.moves() <= 0;
    }

    /** Whether longer looks cannot change anything: the tables know it, or a mate was proved. */
    public boolean isCertain() {
        return exact || score instanceof Score.Mate;
    }

    /** The same verdict with another line, which begins with the move too. */
    public Weighed with(List<Move> other) {
        return new Weighed(move, score, expected, depth, other, exact);
    }

    /** The result that the move promises. */
    public ResultClass result() {
        return ResultClass.of(expected);
    }

    /**
     * Whether this move is equal to another one or better: of no worse result, and giving away
     * neither more than {@link #EQUAL} of expected score nor {@link #EQUAL_CENTIPAWNS}. A win
     * without a mate is not equal to a mate.
     */
    public boolean isAsGoodAs(Weighed other) {
        return result().compareTo(other.result()) <= 0
                && other.expected.over(expected) <= EQUAL
                && other.score.ordinal() - score.ordinal() <= EQUAL_CENTIPAWNS;
    }

    /**
     * Whether this move is as good as another one: no worse, or of the same result and hardly less
     * of it. Where the border between two results runs between them, half the margin counts.
     *
     * @param margin expected score that it may be worth less, 0 to 1
     */
    public boolean matches(Weighed other, double margin) {
        double allowed = result() == other.result() ? margin : margin / 2;
        return other.expected.over(expected) <= allowed;
    }
}
