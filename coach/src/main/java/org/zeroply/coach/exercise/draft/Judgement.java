package org.zeroply.coach.exercise.draft;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.balance.MaterialBalance;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Score;

/** Writes the verdict at the end of a line, what it rests on, and what is on the board then. */
final class Judgement {

    private final MoveEvaluator evaluator;
    private final TreeEditor editor;
    private final Side solver;

    /** What the ends of lines are worth to the solver. */
    private final Map<Node, Double> worth = new HashMap<>();

    Judgement(MoveEvaluator evaluator, TreeEditor editor, Side solver) {
        this.evaluator = evaluator;
        this.editor = editor;
        this.solver = solver;
    }

    /**
     * Writes the verdict and what it rests on.
     *
     * @return what the position is worth to the solver, 0 to 1
     */
    double write(Node node) {
        Position p = node.position();
        boolean white = p.sideToMove() == Side.WHITE;
        Optional<Weighed> best = evaluator.choice(p, 1).map(Choice::best);
        Score score =
                best.map(Weighed::score)
                        .orElse(p.inCheck() ? new Score.Mate(0) : new Score.Centipawns(0));
        double expected = best.map(w -> w.expected().value()).orElse(p.inCheck() ? 0.0 : 0.5);
        editor.annotate(
                node,
                a ->
                        a.withVerdict(Optional.of(verdict(score, white)))
                                .withCheck(best.map(w -> stamp(w, white))));
        double own = p.sideToMove() == solver ? expected : 1 - expected;
        worth.put(node, own);
        return own;
    }

    /** What a node was found to be worth to the solver, 0 to 1, if it was judged. */
    Optional<Double> worth(Node node) {
        return Optional.ofNullable(worth.get(node));
    }

    /** Being mated is written as 0 moves, which has no sign of its own. */
    private static Verdict verdict(Score score, boolean white) {
        return score.equals(new Score.Mate(0))
                ? white ? Verdict.BLACK_WINS : Verdict.WHITE_WINS
                : score.verdict(white);
    }

    private EngineCheck stamp(Weighed w, boolean white) {
        return w.exact()
                ? w.score().check(white, 0, 0, "tables")
                : w.score().check(white, w.depth(), evaluator.nodes(), evaluator.engine());
    }

    /** Says at the end of a line what was won for what, where something was. */
    void say(Node end) {
        Position start = end.path().get(0).parent().orElseThrow().position();
        String won =
                MaterialBalance.of(end.position()).given(MaterialBalance.of(start), solver.other());
        if (!won.isEmpty() && !end.position().isCheckmate() && end.annotation().after().isEmpty()) {
            editor.comment(end, solver.word() + " has won " + won + ".");
        }
    }
}
