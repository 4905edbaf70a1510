package org.zeroply.coach.exercise.sound;

import static org.zeroply.coach.exercise.sound.Finding.Severity.ERROR;
import static org.zeroply.coach.exercise.sound.Finding.Severity.NOTE;
import static org.zeroply.coach.exercise.sound.Finding.Severity.WARNING;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.AimCheck;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.texts.CoachWords;

/** What is wrong at the moves that the solver is to find: second solutions, false equals, baits. */
final class SolverFindings {

    /** A move marked as equal may give away more than one that is to be found; then it is not. */
    private static final double NOT_EQUAL = 0.20;

    private final MoveTree tree;
    private final Inspection inspection;
    private final MarkingScheme scheme;
    private final Optional<Aim> named;

    SolverFindings(MoveTree tree, Inspection inspection) {
        this.tree = tree;
        this.inspection = inspection;
        this.scheme = MarkingScheme.of(tree);
        this.named = Aim.of(tree);
    }

    /** The move that the scheme asks for first. */
    static Optional<Node> main(Node parent) {
        return parent.children().stream()
                .filter(n -> !n.annotation().scheme().tempting())
                .findFirst();
    }

    /** Whether a node is on the line that is asked for first. */
    static boolean isOnMainLine(Node node) {
        return node.path().stream()
                .allMatch(n -> main(n.parent().orElseThrow()).filter(m -> m == n).isPresent());
    }

    /** Looks at a node at which the solver is to move. */
    void look(Node node, Choice choice) {
        Optional<Node> main = main(node);
        main.ifPresent(
                m -> {
                    Weighed asked = inspection.weighed(choice, m);
                    secondSolutions(node, choice, m, asked);
                    for (Node child : node.children()) {
                        if (child.annotation().scheme().equal() && child != m) {
                            equal(choice, child, asked);
                        }
                    }
                });
        node.children().stream()
                .filter(n -> n.annotation().scheme().tempting())
                .forEach(n -> tempting(choice, n));
        if (node.isRoot() && main.filter(m -> m.move().equals(choice.best().move())).isPresent()) {
            Obvious.why(choice, Optional.empty())
                    .ifPresent(
                            why ->
                                    inspection.add(
                                            node,
                                            Finding.Kind.OBVIOUS,
                                            WARNING,
                                            Line.to(main.get()),
                                            CoachWords.of("exercise.the-key-move-needs-no", why),
                                            choice.best()));
        }
    }

    private void secondSolutions(Node node, Choice choice, Node main, Weighed asked) {
        boolean counts = node.isRoot() || earns(main);
        List<Node> equal =
                node.children().stream()
                        .filter(n -> n == main || n.annotation().scheme().equal())
                        .toList();
        AimCheck aim = AimCheck.at(node.position(), named, asked);
        for (Weighed w : choice.moves()) {
            boolean inScheme = equal.stream().anyMatch(n -> n.move().equals(w.move()));
            boolean tempting =
                    node.child(w.move())
                            .filter(n -> n.annotation().scheme().tempting())
                            .isPresent();
            boolean asks = tempting || isAskedFor(node, w.move());
            if (inScheme || asks || !counts || aim.compare(w, asked) == AimCheck.Answer.FAILS) {
                continue;
            }
            Weighed surely = inspection.sure(node, asked);
            secondSolution(
                    AimCheck.at(node.position(), named, surely),
                    node,
                    main,
                    inspection.sure(node, w),
                    surely);
        }
    }

    /** Whether the task wants several moves of the scheme, or any move that holds. */
    private boolean isAskedFor(Node node, Move move) {
        return DefenceTask.of(tree)
                .map(
                        task ->
                                switch (task) {
                                    case HOLD -> true;
                                    case WAYS_OUT, CHEAPEST ->
                                            node.isRoot() && node.child(move).isPresent();
                                    case ELIMINATION, THREAT, HIT_BACK -> false;
                                })
                .orElse(false);
    }

    private void secondSolution(AimCheck aim, Node node, Node main, Weighed w, Weighed asked) {
        AimCheck.Answer answer = aim.compare(w, asked);
        if (answer == AimCheck.Answer.SLOWER && node.isRoot()) {
            inspection.add(
                    node,
                    Finding.Kind.SECOND_SOLUTION,
                    NOTE,
                    Inspection.through(node, w.line()),
                    CoachWords.of(
                            "exercise.keeps-the-result-too-but",
                            Inspection.san(node, w.move()),
                            Inspection.points(w),
                            aim.aim().words(),
                            Inspection.san(node, main.move()),
                            Inspection.points(asked)),
                    w);
        } else if (answer == AimCheck.Answer.REACHES) {
            double more = w.expected().over(asked.expected());
            String better =
                    CoachWords.of(
                            more > MoveComparison.WEAKER || w.result().compareTo(asked.result()) < 0
                                    ? "exercise.is-better-than"
                                    : "exercise.is-as-good-as");
            String how =
                    node.child(w.move()).isPresent()
                            ? CoachWords.of("exercise.the-scheme-has-it-but")
                            : "";
            inspection.add(
                    node,
                    Finding.Kind.SECOND_SOLUTION,
                    ERROR,
                    Inspection.through(node, w.line()),
                    CoachWords.of(
                            "exercise.against",
                            Inspection.san(node, w.move()),
                            better,
                            Inspection.san(node, main.move()),
                            Inspection.points(w),
                            Inspection.points(asked),
                            how),
                    w);
        }
    }

    private boolean earns(Node main) {
        return scheme.items().stream().anyMatch(i -> i.node().isWithin(main));
    }

    private void equal(Choice choice, Node child, Weighed asked) {
        Node node = child.parent().orElseThrow();
        Weighed w = inspection.weighed(choice, child);
        if (!isWorse(w, asked)) {
            return;
        }
        Weighed sure = inspection.sure(node, w);
        Weighed main = inspection.sure(node, asked);
        if (isWorse(sure, main)) {
            inspection.add(
                    child,
                    Finding.Kind.NOT_EQUAL,
                    ERROR,
                    Line.to(child),
                    CoachWords.of(
                            "exercise.it-is-marked-as-equal-but",
                            Inspection.points(sure),
                            Inspection.points(main)),
                    sure);
        }
    }

    private static boolean isWorse(Weighed w, Weighed asked) {
        boolean worse = w.result().compareTo(asked.result()) > 0;
        double less = asked.expected().over(w.expected());
        return worse && less > MoveComparison.WEAKER || less > NOT_EQUAL;
    }

    private void tempting(Choice choice, Node bait) {
        Weighed w = inspection.weighed(choice, bait);
        Node node = bait.parent().orElseThrow();
        Weighed best =
                main(node)
                        .map(m -> inspection.sure(node, inspection.weighed(choice, m)))
                        .filter(m -> m.score().compareTo(choice.best().score()) > 0)
                        .orElse(choice.best());
        boolean asGood = w.matches(best, MoveComparison.WEAKER);
        if (asGood && inspection.sure(node, w).matches(best, MoveComparison.WEAKER)) {
            Weighed sure = inspection.sure(node, w);
            inspection.add(
                    bait,
                    Finding.Kind.NOT_REFUTED,
                    ERROR,
                    Line.to(bait),
                    CoachWords.of(
                            "exercise.it-is-as-good-as",
                            Inspection.points(sure),
                            Inspection.points(best)),
                    sure);
            return;
        }
        Optional<Node> reply = bait.mainChild();
        if (reply.isEmpty() && !bait.position().legalMoves().isEmpty()) {
            String detail = CoachWords.of("exercise.its-refutation-is-not-in");
            inspection.add(bait, Finding.Kind.NOT_REFUTED, WARNING, Line.to(bait), detail, w);
        }
        reply.flatMap(r -> inspection.evaluator().choice(r.position(), 1))
                .map(Choice::best)
                .filter(after -> after.matches(best, MoveComparison.WEAKER))
                .ifPresent(
                        after ->
                                inspection.add(
                                        bait,
                                        Finding.Kind.NOT_REFUTED,
                                        ERROR,
                                        Inspection.through(reply.get(), after.line()),
                                        CoachWords.of(
                                                "exercise.the-reply-given-does-not",
                                                Inspection.points(after)),
                                        after));
    }
}
