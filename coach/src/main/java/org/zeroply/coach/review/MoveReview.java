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
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * What one move of a game was worth.
 *
 * @param node the move in its game
 * @param ply 1-based, from the first move of the game
 * @param best the engine's line, its choice first
 * @param answer the other side's best line after the move played; empty when the game is over
 * @param score what the engine's line is worth to who moves
 * @param before expected score of who moves with the best move
 * @param after expected score of who moves after the move played
 * @param rank place of the move played among all, 1 for the best
 * @param ways the best moves told apart, best first
 * @param width moves that are hardly weaker than the best one; see {@link Choice#width()}
 * @param legal legal moves in all
 * @param depthFound depth in plies from which on the best move stays best
 * @param tempting the move that led before that depth, if another one did
 * @param balance White's lead in material after the move, in hundredths of a point
 * @param clock seconds left on the clock after the move, where the game has them
 * @param spent seconds less on that side's clock than after its move before; increments make it
 *     smaller than the time used
 */
public record MoveReview(
        Node node,
        int ply,
        List<Move> best,
        List<Move> answer,
        Score score,
        ExpectedScore before,
        ExpectedScore after,
        int rank,
        List<Weighed> ways,
        int width,
        int legal,
        int depthFound,
        Optional<Move> tempting,
        int balance,
        Optional<Integer> clock,
        Optional<Integer> spent) {

    /** Losses in points of a hundred from which on a move is graded {@code ?!}, ? and ??. */
    public static final double DUBIOUS = 10;

    public static final double MISTAKE = 18;
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
        ways = List.copyOf(ways);
        best = List.copyOf(best);
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

    /** The engine's choice. */
    public Move choice() {
        return best.get(0);
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
        return Loss.between(before, after);
    }

    /** Whether it gave much away, or let a mate go without keeping what counts as won. */
    public boolean isMistake() {
        return loss().points() >= MISTAKE || letsMateGo();
    }

    private boolean letsMateGo() {
        return mates() && Holding.of(after) != Holding.WIN;
    }

    private boolean mates() {
        return score instanceof Score.Mate mate && mate.moves() > 0;
    }

    /** What it weighs as a mistake: the points given away; a mate let go weighs as a blunder. */
    double mistakeWeight() {
        return letsMateGo() ? Math.max(BLUNDER, loss().points()) : loss().points();
    }

    /** Whether there was nothing else. */
    public boolean isForced() {
        return legal == 1;
    }

    /** What the best move is ahead of the next one told apart, in points of a hundred. */
    public double lead() {
        return ways.stream()
                .filter(c -> !c.move().equals(choice()))
                .mapToDouble(c -> before.points() - c.expected().points())
                .filter(lead -> lead >= 0)
                .findFirst()
                .orElse(0);
    }

    /** Whether the best move is far ahead of the next, or mates where that one may not win. */
    public boolean standsAlone() {
        double lead = lead();
        ExpectedScore next = new ExpectedScore(Math.max(0, before.value() - lead / 100));
        return lead >= ALONE || lead > 0 && mates() && Holding.of(next) != Holding.WIN;
    }

    /** The result the position promised. */
    public ResultClass classBefore() {
        return ResultClass.of(before);
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
        return clock.filter(c -> c < TROUBLE).isPresent();
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
