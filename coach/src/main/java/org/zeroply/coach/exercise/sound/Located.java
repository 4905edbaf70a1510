package org.zeroply.coach.exercise.sound;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.MoveEvaluator;

/**
 * A finding and where it stands, for who mends the scheme.
 *
 * @param finding what is wrong
 * @param node the node it is about: where a move is missing, or the move that is wrong
 * @param move the move that speaks against the scheme, where there is one
 */
public record Located(Finding finding, Node node, Optional<Move> move) {

    /**
     * Errors of a scheme's lines, so long as it is being written.
     *
     * @param progress told the part done, 0 to 1
     */
    public static List<Located> errors(
            MoveTree tree, MoveEvaluator evaluator, DoubleConsumer progress) {
        LineFindings lines = new LineFindings(tree, evaluator);
        lines.find(progress);
        return lines.findings().stream()
                .filter(l -> l.finding().severity() == Finding.Severity.ERROR)
                .toList();
    }
}
