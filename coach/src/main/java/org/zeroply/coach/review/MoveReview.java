package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * What one move of a game was worth.
 *
 * @param node the move in its game
 * @param best what could have been played
 * @param after expected score of who moves after the move played
 * @param answer the other side's best line after the move played; empty when the game is over
 * @param rank place of the move played among all, 1 for the best
 */
public record MoveReview(
        Node node, BestPlay best, ExpectedScore after, List<Move> answer, int rank) {

    /** Points of a hundred from which a move is dubious: our choice. */
    public static final double DUBIOUS = 10;

    /** Points of a hundred from which a move is a mistake: our choice. */
    public static final double MISTAKE = 18;

    /** Points of a hundred from which a move is a blunder: our choice. */
    public static final double BLUNDER = 35;

    /**
     * The same for a move that a named opening is made of: what costs less there is a matter of
     * taste. Our choice.
     */
    private static final double NAMED = 25;

    /** Points of a hundred that a move worth praise is ahead of all others. */
    private static final double ALONE = 14;

    /** Seconds; below it a side is in time trouble. */
    public static final int TROUBLE = 120;

    public MoveReview {
        answer = List.copyOf(answer);
    }

    /** The position in which the move was made. */
    public Position position() {
        return node.parent().orElseThrow().position();
    }

    /** Who moved. */
    public Side side() {
        return position().sideToMove();
    }

    /** The move in SAN. */
    public String san() {
        return San.write(position(), node.move());
    }

    /** 1-based, from the first move of the game. */
    public int ply() {
        return node.depth();
    }

    /** Expected score of who moves with the best move. */
    public ExpectedScore before() {
        return best.expected();
    }

    /** Legal moves in all. */
    public int legal() {
        return position().legalMoves().size();
    }

    /** White's lead in material after the move, in hundredths of a point. */
    public int balance() {
        return MaterialBalance.of(node.position()).hundredths(MaterialScale.SCHOOL);
    }

    /** Seconds left on the clock after the move, where the game has them. */
    public Optional<Integer> clock() {
        return ClockTimes.left(node);
    }

    /**
     * Seconds less on that side's clock than after its move before, where the game has them;
     * increments make it smaller than the time used.
     */
    public Optional<Integer> spent() {
        return ClockTimes.spent(node);
    }

    /** The engine's choice. */
    public Move choice() {
        return best.choice();
    }

    /** The engine's choice in SAN. */
    public String better() {
        return San.write(position(), choice());
    }

    /** Whether the move played is the engine's choice. */
    public boolean isChoice() {
        return choice().equals(node.move());
    }

    /** What a side may expect after the move. */
    public ExpectedScore after(Side whose) {
        return side() == whose ? after : after.opponents();
    }

    /** What the move gave away. */
    public Loss loss() {
        return Loss.between(before(), after);
    }

    /** Whether it gave much away, or let a mate go without keeping what counts as won. */
    public boolean isMistake() {
        return loss().points() >= MISTAKE || letsMateGo();
    }

    private boolean letsMateGo() {
        return best.mates() && Holding.of(after) != Holding.WIN;
    }

    /** What it weighs as a mistake: the points given away; a mate let go weighs as a blunder. */
    double mistakeWeight() {
        return letsMateGo() ? Math.max(BLUNDER, loss().points()) : loss().points();
    }

    /** Whether there was nothing else. */
    public boolean isForced() {
        return legal() == 1;
    }

    /** Whether the best move is far ahead of the next, or mates where that one may not win. */
    public boolean standsAlone() {
        double lead = best.lead();
        ExpectedScore next = new ExpectedScore(Math.max(0, before().value() - lead / 100));
        return lead >= ALONE || lead > 0 && best.mates() && Holding.of(next) != Holding.WIN;
    }

    /** The result the position promised. */
    public ResultClass classBefore() {
        return ResultClass.of(before());
    }

    /** The result it promised after the move, to who moved. */
    public ResultClass classAfter() {
        return ResultClass.of(after);
    }

    /** Whether the move changed the result that the position promised. */
    public boolean isTurn() {
        return classBefore() != classAfter();
    }

    /** The phase of the game. */
    public Phase phase() {
        return Phase.of(position());
    }

    /** Whether it was made with less than {@value #TROUBLE} seconds left. */
    public boolean isInTimeTrouble() {
        return clock().filter(c -> c < TROUBLE).isPresent();
    }

    /** The grade of the move by its loss, if it deserves one; praise is given by moments. */
    public Optional<Integer> grade() {
        double points = loss().points();
        if (points < DUBIOUS || points < NAMED && isInNamedOpening()) {
            return Optional.empty();
        }
        return Optional.of(
                points >= BLUNDER ? Nag.BLUNDER : points >= MISTAKE ? Nag.MISTAKE : Nag.DUBIOUS);
    }

    /** Whether the game comes to a named position by this move or after it. */
    private boolean isInNamedOpening() {
        OpeningNames names = OpeningNames.shipped();
        for (Optional<Node> at = Optional.of(node); at.isPresent(); at = at.get().mainChild()) {
            if (names.of(at.get().position()).isPresent()) {
                return true;
            }
        }
        return false;
    }
}
