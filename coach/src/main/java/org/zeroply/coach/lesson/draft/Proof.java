package org.zeroply.coach.lesson.draft;

import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;

/** Lines that show what is claimed, with what the engine found at their ends. */
final class Proof {

    private Proof() {}

    /** Adds a line from the start, and gives its end. */
    static Node line(TreeEditor editor, Weighed move, int plies) {
        return editor.addLine(editor.tree().root(), Line.start(move.line(), plies));
    }

    /** Writes a verdict and what it rests on at the end of a line; a mate needs none. */
    static void stamp(TreeEditor editor, Node end, MoveEvaluator evaluator) {
        Position position = end.position();
        boolean white = position.sideToMove() == Side.WHITE;
        Optional<Weighed> best = evaluator.choice(position).map(Choice::best);
        if (best.isEmpty()) {
            if (position.isCheckmate()) {
                Verdict won = white ? Verdict.BLACK_WINS : Verdict.WHITE_WINS;
                editor.annotate(end, a -> a.withVerdict(Optional.of(won)));
            }
            return;
        }
        Weighed found = best.get();
        editor.annotate(
                end,
                a ->
                        a.withVerdict(Optional.of(found.expected().verdict(white)))
                                .withCheck(
                                        Optional.of(
                                                found.exact()
                                                        ? found.score().check(white, 0, 0, "tables")
                                                        : found.score()
                                                                .check(
                                                                        white,
                                                                        found.depth(),
                                                                        evaluator.nodes(),
                                                                        evaluator.engine()))));
    }
}
