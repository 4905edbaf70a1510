package org.zeroply.coach.exercise.sound;

import static org.zeroply.coach.exercise.sound.Finding.Severity.ERROR;
import static org.zeroply.coach.exercise.sound.Finding.Severity.NOTE;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/** What is wrong with the lines of a scheme, by an evaluator. */
final class LineFindings {

    /** Moves told apart beside those of the scheme. */
    private static final int BESIDE = 2;

    /** The best move of the solver is looked for on so many times the nodes at most. */
    private static final int SETTLING = 2;

    /** The same on the main line, and at the first move. */
    private static final int SETTLING_MAIN = 4;

    /** The first move is looked at so many times as long before it is called wrong: our choice. */
    private static final int SETTLING_KEY = 8;

    /** Expected score that may be missing at the end of the main line. */
    private static final double PROMISE = 0.25;

    /** What seems to be missing is looked at once more, on so many times the nodes. */
    private static final int LONGER = 4;

    private final MoveTree tree;
    private final MoveEvaluator evaluator;
    private final Side solver;
    private final Inspection inspection;
    private final SolverFindings ours;
    private final DefenceFindings theirs;
    private boolean exact = true;
    private int looked;

    LineFindings(MoveTree tree, MoveEvaluator evaluator) {
        this.tree = tree;
        this.evaluator = evaluator;
        this.solver = tree.start().sideToMove();
        this.inspection = new Inspection(evaluator);
        this.ours = new SolverFindings(tree, inspection);
        this.theirs = new DefenceFindings(inspection);
    }

    /** Whether the ending tables decided everything, and all of it was looked at. */
    boolean isExact() {
        return exact && looked == tree.nodes().size();
    }

    /** What was found so far. */
    List<Located> findings() {
        return inspection.findings();
    }

    /** Positions looked at so far. */
    int looked() {
        return looked;
    }

    /**
     * Looks at the whole scheme.
     *
     * @throws java.util.concurrent.CancellationException when cancelled; what was found stays
     */
    void find(DoubleConsumer progress) {
        List<Node> nodes = tree.nodes();
        for (int i = 0; i < nodes.size(); i++) {
            look(nodes.get(i));
            looked++;
            progress.accept((i + 1.0) / nodes.size());
        }
        promise();
    }

    /** The end of the main line keeps what the first move promises. */
    private void promise() {
        Optional<Node> key = SolverFindings.main(tree.root());
        if (key.isEmpty() || DefenceTask.of(tree).isPresent()) {
            return;
        }
        Node end = key.get().mainLineEnd();
        if (Promise.of(key.get(), end, evaluator).isBroken()) {
            MoveEvaluator longer = evaluator.withNodes(LONGER * evaluator.nodes());
            Promise promise = Promise.of(key.get(), end, longer);
            if (promise.isBroken()) {
                Finding finding =
                        new Finding(
                                Finding.Kind.BROKEN_PROMISE,
                                ERROR,
                                Line.to(end),
                                promise.words(),
                                false);
                inspection.add(new Located(finding, end, Optional.empty()));
            }
        }
    }

    /** What the first move promises the solver, and what is left of it at the end. */
    private record Promise(ExpectedScore promised, ExpectedScore left) {

        static Promise of(Node key, Node end, MoveEvaluator by) {
            Position start = key.parent().orElseThrow().position();
            return new Promise(
                    by.weigh(start, key.move()).expected(),
                    by.expected(end.position(), start.sideToMove()));
        }

        boolean isBroken() {
            return promised.over(left) > PROMISE;
        }

        String words() {
            return String.format(
                    Locale.ROOT,
                    CoachWords.of("exercise.the-first-move-promises-points"),
                    promised.points(),
                    left.points());
        }
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
            String why =
                    CoachWords.of("exercise.the-first-move-did-not", choice.sureness().reason());
            String san = Inspection.san(node, choice.best().move());
            inspection.add(
                    node,
                    Finding.Kind.UNSETTLED,
                    NOTE,
                    "",
                    CoachWords.of("exercise.best-so-far", why, san),
                    choice.best());
        }
    }

    /** Whether every move of the solver on the way is one that the scheme asks for. */
    private boolean isSolution(Node node) {
        return node.path().stream()
                .filter(n -> n.parent().orElseThrow().position().sideToMove() == solver)
                .allMatch(n -> isAskedFor(n) && !n.annotation().scheme().tempting());
    }

    private static boolean isAskedFor(Node node) {
        return SolverFindings.main(node.parent().orElseThrow()).filter(m -> m == node).isPresent()
                || node.annotation().scheme().equal();
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
