package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/** Reviewed moves made by hand. */
final class Reviewed {

    private Reviewed() {}

    /**
     * A move of a game.
     *
     * @param best what the engine would have played
     * @param before expected score of who moves with the best move, 0 to 1
     * @param after the same after the move played
     * @param width moves that are hardly weaker than the best one
     */
    static MoveReview move(Node node, Move best, double before, double after, int width) {
        return move(node, best, new Score.Centipawns(0), before, after, width);
    }

    /**
     * A move of a game.
     *
     * @param score what the engine's line is worth to who moves
     */
    static MoveReview move(
            Node node, Move best, Score score, double before, double after, int width) {
        return move(node, best, score, before, after, width, List.of());
    }

    /**
     * A move of a game.
     *
     * @param ways what is told of the moves of the position
     */
    static MoveReview move(
            Node node,
            Move best,
            Score score,
            double before,
            double after,
            int width,
            List<Weighed> ways) {
        BestPlay play =
                new BestPlay(
                        List.of(best),
                        score,
                        new ExpectedScore(before),
                        ways,
                        width,
                        1,
                        Optional.empty());
        return new MoveReview(
                node, play, new ExpectedScore(after), List.of(), best.equals(node.move()) ? 1 : 2);
    }
}
