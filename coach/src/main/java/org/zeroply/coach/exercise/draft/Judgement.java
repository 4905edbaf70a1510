package org.zeroply.coach.exercise.draft;

import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/** Writes the verdict at the end of a line, what it rests on, and what is on the board then. */
final class Judgement {

    /** A verdict that has not settled is looked for on so many times the nodes. */
    private static final int LONGER = 4;

    private final MoveEvaluator evaluator;
    private final TreeEditor editor;
    private final Side solver;

    Judgement(MoveEvaluator evaluator, TreeEditor editor, Side solver) {
        this.evaluator = evaluator;
        this.editor = editor;
        this.solver = solver;
    }

    /**
     * Writes the verdict and what it rests on.
     *
     * @return what the position is worth to the solver
     */
    ExpectedScore write(Node node) {
        Position p = node.position();
        boolean white = p.sideToMove() == Side.WHITE;
        Optional<Choice> brief = evaluator.choice(p);
        boolean open = brief.filter(c -> !c.sureness().settled()).isPresent();
        MoveEvaluator judge = open ? evaluator.withNodes(LONGER * evaluator.nodes()) : evaluator;
        Optional<Choice> choice = open ? judge.choice(p) : brief;
        Optional<Weighed> best = choice.map(Choice::best);
        ExpectedScore expected = MoveEvaluator.expected(choice, p);
        editor.annotate(
                node,
                a ->
                        a.withVerdict(Optional.of(expected.verdict(white)))
                                .withCheck(best.map(w -> stamp(w, white, judge))));
        return p.sideToMove() == solver ? expected : expected.opponents();
    }

    private static EngineCheck stamp(Weighed w, boolean white, MoveEvaluator judge) {
        return w.exact()
                ? w.score().check(white, 0, 0, "tables")
                : w.score().check(white, w.depth(), judge.nodes(), judge.engine());
    }

    /** Says at the end of a line what was won for what, where something was. */
    void say(Node end) {
        Position start = end.path().get(0).parent().orElseThrow().position();
        String won =
                MaterialBalance.of(end.position()).given(MaterialBalance.of(start), solver.other());
        if (!won.isEmpty() && !end.position().isCheckmate() && end.annotation().after().isEmpty()) {
            editor.comment(end, CoachWords.of("exercise.has-won", solver.word(), won));
        }
    }
}
