package org.zeroply.coach.exercise.sound;

import static org.zeroply.coach.exercise.sound.Finding.Severity.ERROR;
import static org.zeroply.coach.exercise.sound.Finding.Severity.NOTE;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;

/** What is wrong with the lines of a scheme, by an evaluator. */
final class LineFindings {

    /** Moves told apart beside those of the scheme. */
    private static final int BESIDE = 2;

    /** The best move of the solver is looked for on so many times the nodes at most. */
    private static final int SETTLING = 2;

    /** The same on the main line, and at the first move. */
    private static final int SETTLING_MAIN = 4;

    private static final int SETTLING_KEY = 8;

    private final MoveTree tree;
    private final MoveEvaluator evaluator;
    private final Side solver;
    private final Inspection inspection;
    private final SolverFindings ours;
    private final DefenceFindings theirs;
    private boolean exact = true;

    LineFindings(MoveTree tree, MoveEvaluator evaluator) {
        this.tree = tree;
        this.evaluator = evaluator;
        this.solver = tree.start().sideToMove();
        this.inspection = new Inspection(evaluator);
        this.ours = new SolverFindings(tree, inspection);
        this.theirs = new DefenceFindings(inspection);
    }

    /** Whether the ending tables decided everything. */
    boolean isExact() {
        return exact;
    }

    List<Located> find(DoubleConsumer progress) {
        List<Node> nodes = tree.nodes();
        for (int i = 0; i < nodes.size(); i++) {
            look(nodes.get(i));
            progress.accept((i + 1.0) / nodes.size());
        }
        return inspection.findings();
    }

    private void look(Node node) {
        verdict(node);
        if (node.children().isEmpty() || !isSolution(node)) {
            return;
        }
        int most = node.children().size() + BESIDE;
        boolean solves = node.position().sideToMove() == solver;
        Optional<Choice> choice =
                solves
                        ? evaluator.thorough(node.position(), most, settling(node))
                        : evaluator.choice(node.position(), most);
        choice.ifPresent(
                c -> {
                    exact &= c.best().exact();
                    if (solves) {
                        openKey(node, c);
                        ours.look(node, c);
                    } else {
                        theirs.look(node, c);
                    }
                });
    }

    /** Nodes at which what is not settled stays open. */
    private long settling(Node node) {
        int times =
                node.isRoot()
                        ? SETTLING_KEY
                        : SolverFindings.isOnMainLine(node) ? SETTLING_MAIN : SETTLING;
        return times * evaluator.nodes();
    }

    private void openKey(Node node, Choice choice) {
        if (node.isRoot() && !choice.sureness().settled()) {
            String why = "the first move is unclear: " + choice.sureness().reason();
            String san = Inspection.san(node, choice.best().move());
            inspection.add(
                    node,
                    Finding.Kind.UNSETTLED,
                    NOTE,
                    "",
                    why + "; best now " + san,
                    choice.best());
        }
    }

    /** Whether every move of the solver on the way is one that the scheme asks for. */
    private boolean isSolution(Node node) {
        return node.path().stream()
                .filter(n -> n.parent().orElseThrow().position().sideToMove() == solver)
                .allMatch(n -> isAskedFor(n) && !n.annotation().tempting());
    }

    private static boolean isAskedFor(Node node) {
        return SolverFindings.main(node.parent().orElseThrow()).filter(m -> m == node).isPresent()
                || node.annotation().equal();
    }

    // ---- Verdicts -------------------------------------------------------------------------------

    private void verdict(Node node) {
        node.annotation()
                .verdict()
                .flatMap(v -> VerdictCheck.of(node.position(), v, evaluator))
                .ifPresent(
                        wrong -> {
                            exact &= wrong.exact();
                            if (wrong.isWrong()) {
                                Finding finding =
                                        new Finding(
                                                Finding.Kind.WRONG_VERDICT,
                                                ERROR,
                                                Inspection.through(node, wrong.line()),
                                                wrong.detail(),
                                                wrong.exact());
                                inspection.add(new Located(finding, node, Optional.empty()));
                            }
                        });
    }
}
