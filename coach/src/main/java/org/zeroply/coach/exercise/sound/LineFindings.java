package org.zeroply.coach.exercise.sound;

import static org.zeroply.coach.exercise.sound.Finding.Severity.ERROR;
import static org.zeroply.coach.exercise.sound.Finding.Severity.NOTE;
import static org.zeroply.coach.exercise.sound.Finding.Severity.WARNING;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.Aim;
import org.zeroply.coach.exercise.AimCheck;
import org.zeroply.coach.exercise.DefenceTask;
import org.zeroply.coach.exercise.MarkingScheme;
import org.zeroply.engine.analysis.Score;

/** What is wrong with the lines of a scheme, by an evaluator. */
final class LineFindings {

    /** Moves told apart beside those of the scheme. */
    private static final int BESIDE = 2;

    /** The best move of the solver is looked for on so many times the nodes at most. */
    private static final int SETTLING = 2;

    /** The same at the first move. */
    private static final int SETTLING_KEY = 8;

    /** Moves of a proof that are told after the scheme's. */
    private static final int SHOWN = 6;

    /** Missing defences looked into at a node. */
    private static final int MISSING = 2;

    /** A move marked as equal may give away more than one that is to be found; then it is not. */
    private static final double NOT_EQUAL = 0.15;

    /** Expected score, 0 to 1, by which a lost defence is clearly better than another lost one. */
    private static final double MORE_TROUBLE = 0.03;

    /** Defences whose scores differ less, in centipawns, hold out alike. */
    private static final int ALIKE = 20;

    private final MoveTree tree;
    private final MoveEvaluator evaluator;
    private final MarkingScheme scheme;
    private final Side solver;
    private final Optional<Aim> named;
    private final MoveEvaluator thorough;

    /** By the move, too: two moves of two positions may lead to one. */
    private final Map<Asked, Weighed> closer = new HashMap<>();

    private record Asked(Position position, Move move) {}

    private final List<Located> findings = new ArrayList<>();
    private boolean exact = true;

    LineFindings(MoveTree tree, MoveEvaluator evaluator) {
        this.tree = tree;
        this.evaluator = evaluator;
        this.thorough = evaluator.withNodes(2 * evaluator.nodes());
        this.scheme = MarkingScheme.of(tree);
        this.solver = tree.start().sideToMove();
        this.named = Aim.of(tree);
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
        return findings;
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
                        solverNode(node, c);
                    } else {
                        defences(node, c);
                    }
                });
    }

    /** Nodes at which what is not settled stays open. */
    private long settling(Node node) {
        return evaluator.nodes() * (node.isRoot() ? SETTLING_KEY : SETTLING);
    }

    private void openKey(Node node, Choice choice) {
        if (node.isRoot() && !choice.sureness().settled()) {
            String why = "the first move is unclear: " + choice.sureness().reason();
            String san = san(node, choice.best().move());
            add(node, Finding.Kind.UNSETTLED, NOTE, "", why + "; best now " + san, choice.best());
        }
    }

    /** Whether every move of the solver on the way is one that the scheme asks for. */
    private boolean isSolution(Node node) {
        return node.path().stream()
                .filter(n -> n.parent().orElseThrow().position().sideToMove() == solver)
                .allMatch(n -> isAskedFor(n) && !n.annotation().tempting());
    }

    private static boolean isAskedFor(Node node) {
        return main(node.parent().orElseThrow()).filter(m -> m == node).isPresent()
                || node.annotation().equal();
    }

    private static Optional<Node> main(Node parent) {
        return parent.children().stream().filter(n -> !n.annotation().tempting()).findFirst();
    }

    private Weighed weighed(Choice choice, Node child) {
        return choice.of(child.move())
                .orElseGet(() -> evaluator.weigh(choice.position(), child.move()));
    }

    // ---- The solver's moves ---------------------------------------------------------------------

    private void solverNode(Node node, Choice choice) {
        Optional<Node> main = main(node);
        main.ifPresent(
                m -> {
                    Weighed asked = weighed(choice, m);
                    secondSolutions(node, choice, m, asked);
                    for (Node child : node.children()) {
                        if (child.annotation().equal() && child != m) {
                            equal(choice, child, asked);
                        }
                    }
                });
        node.children().stream()
                .filter(n -> n.annotation().tempting())
                .forEach(n -> tempting(choice, n));
        if (node.isRoot() && main.filter(m -> m.move().equals(choice.best().move())).isPresent()) {
            Obvious.why(choice, Optional.empty())
                    .ifPresent(
                            why ->
                                    add(
                                            node,
                                            Finding.Kind.OBVIOUS,
                                            WARNING,
                                            Line.to(main.get()),
                                            "the key move needs no finding: " + why,
                                            choice.best()));
        }
    }

    private void secondSolutions(Node node, Choice choice, Node main, Weighed asked) {
        boolean counts = node.isRoot() || earns(main);
        List<Node> equal =
                node.children().stream().filter(n -> n == main || n.annotation().equal()).toList();
        AimCheck aim = AimCheck.at(node.position(), named, asked);
        for (Weighed w : choice.moves()) {
            boolean inScheme = equal.stream().anyMatch(n -> n.move().equals(w.move()));
            boolean tempting =
                    node.child(w.move()).filter(n -> n.annotation().tempting()).isPresent();
            boolean asks = tempting || isAskedFor(node, w.move());
            if (inScheme || asks || !counts || aim.compare(w, asked) == AimCheck.Answer.FAILS) {
                continue;
            }
            Weighed surely = sure(node, asked);
            secondSolution(
                    AimCheck.at(node.position(), named, surely), node, main, sure(node, w), surely);
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

    /**
     * A closer look at a move that speaks against the scheme, with all nodes for it alone and twice
     * as many of them.
     */
    private Weighed sure(Node node, Weighed w) {
        return w.exact()
                ? w
                : closer.computeIfAbsent(
                        new Asked(node.position(), w.move()),
                        asked -> thorough.weigh(asked.position(), asked.move()));
    }

    private void secondSolution(AimCheck aim, Node node, Node main, Weighed w, Weighed asked) {
        AimCheck.Answer answer = aim.compare(w, asked);
        if (answer == AimCheck.Answer.SLOWER && node.isRoot()) {
            add(
                    node,
                    Finding.Kind.SECOND_SOLUTION,
                    NOTE,
                    through(node, w.line()),
                    san(node, w.move())
                            + " keeps the result too ("
                            + points(w)
                            + "), but does not reach the aim, "
                            + aim.aim().words()
                            + ", as "
                            + san(node, main.move())
                            + " does: "
                            + points(asked),
                    w);
        } else if (answer == AimCheck.Answer.REACHES) {
            double more = w.expected().over(asked.expected());
            String better =
                    more > MoveComparison.WEAKER || w.result().compareTo(asked.result()) < 0
                            ? " is better than "
                            : " is as good as ";
            String how =
                    node.child(w.move()).isPresent() ? "; the scheme has it, but not as equal" : "";
            add(
                    node,
                    Finding.Kind.SECOND_SOLUTION,
                    ERROR,
                    through(node, w.line()),
                    san(node, w.move())
                            + better
                            + san(node, main.move())
                            + ": "
                            + points(w)
                            + " against "
                            + points(asked)
                            + how,
                    w);
        }
    }

    private boolean earns(Node main) {
        return scheme.items().stream().anyMatch(i -> i.node().isWithin(main));
    }

    private void equal(Choice choice, Node child, Weighed asked) {
        Node node = child.parent().orElseThrow();
        Weighed w = weighed(choice, child);
        if (!isWorse(w, asked)) {
            return;
        }
        Weighed sure = sure(node, w);
        Weighed main = sure(node, asked);
        if (isWorse(sure, main)) {
            add(
                    child,
                    Finding.Kind.NOT_EQUAL,
                    ERROR,
                    Line.to(child),
                    "it is marked as equal but is worth "
                            + points(sure)
                            + ", the main move "
                            + points(main),
                    sure);
        }
    }

    private static boolean isWorse(Weighed w, Weighed asked) {
        boolean worse = w.result().compareTo(asked.result()) > 0;
        double less = asked.expected().over(w.expected());
        return worse && less > MoveComparison.WEAKER || less > NOT_EQUAL;
    }

    private void tempting(Choice choice, Node bait) {
        Weighed w = weighed(choice, bait);
        Node node = bait.parent().orElseThrow();
        Weighed best =
                main(node)
                        .map(m -> sure(node, weighed(choice, m)))
                        .filter(m -> m.score().compareTo(choice.best().score()) > 0)
                        .orElse(choice.best());
        boolean asGood = w.matches(best, MoveComparison.WEAKER);
        if (asGood && sure(node, w).matches(best, MoveComparison.WEAKER)) {
            Weighed sure = sure(node, w);
            add(
                    bait,
                    Finding.Kind.NOT_REFUTED,
                    ERROR,
                    Line.to(bait),
                    "it is as good as the best move: " + points(sure) + " against " + points(best),
                    sure);
            return;
        }
        Optional<Node> reply = bait.mainChild();
        if (reply.isEmpty() && !bait.position().legalMoves().isEmpty()) {
            String detail = "its refutation is not in the scheme";
            add(bait, Finding.Kind.NOT_REFUTED, WARNING, Line.to(bait), detail, w);
        }
        reply.flatMap(r -> evaluator.choice(r.position(), 1))
                .map(Choice::best)
                .filter(after -> after.matches(best, MoveComparison.WEAKER))
                .ifPresent(
                        after ->
                                add(
                                        bait,
                                        Finding.Kind.NOT_REFUTED,
                                        ERROR,
                                        through(reply.get(), after.line()),
                                        "the reply given does not refute it: afterwards "
                                                + points(after)
                                                + " are left",
                                        after));
    }

    // ---- The opponent's moves -------------------------------------------------------------------

    private void defences(Node node, Choice choice) {
        Weighed best =
                node.children().stream()
                        .map(n -> weighed(choice, n))
                        .max((a, b) -> a.score().compareTo(b.score()))
                        .orElseThrow();
        choice.moves().stream()
                .filter(w -> node.child(w.move()).isEmpty())
                .filter(w -> w.score().ordinal() >= best.score().ordinal() - ALIKE)
                .limit(MISSING)
                .map(w -> sure(node, w))
                .forEach(w -> missing(node, w, sure(node, best)));
    }

    private void missing(Node node, Weighed w, Weighed best) {
        boolean turns = w.result().compareTo(best.result()) < 0;
        String name = san(node, w.move());
        if (turns || w.expected().over(best.expected()) > MoveComparison.WEAKER) {
            add(
                    node,
                    Finding.Kind.MISSING_DEFENCE,
                    ERROR,
                    through(node, w.line()),
                    name
                            + " is better than every defence of the scheme: "
                            + points(w)
                            + " against "
                            + points(best)
                            + " for the defender",
                    w);
            return;
        }
        if (w.score().ordinal() < best.score().ordinal() - ALIKE) {
            return;
        }
        boolean longer = holdsOutLonger(w, best);
        Optional<Choice> answer = evaluator.choice(node.position().play(w.move()), 3);
        boolean obvious = answer.flatMap(a -> Obvious.why(a, Optional.of(w.move()))).isPresent();
        int others = answer.map(a -> a.equals(MoveComparison.WAYS).size()).orElse(0);
        if (!longer && (obvious || others > 1)) {
            return;
        }
        boolean demands = longer || others == 0;
        String answers = obvious || others > 1 ? "" : others == 0 ? "; one move" : "; two moves";
        add(
                node,
                Finding.Kind.MISSING_DEFENCE,
                demands && isMainLine(node) ? ERROR : WARNING,
                through(node, w.line()),
                name
                        + (longer ? " holds out longer than" : " is as good as")
                        + " the defences of the scheme"
                        + (answers.isEmpty()
                                ? ""
                                : answers + (others == 0 ? " answers it" : " answer it")),
                w);
    }

    private boolean isMainLine(Node node) {
        return node.path().stream()
                .allMatch(n -> main(n.parent().orElseThrow()).filter(m -> m == n).isPresent());
    }

    /** Whether a defence, even if it loses, makes clearly more trouble than the best known one. */
    private static boolean holdsOutLonger(Weighed w, Weighed best) {
        if (!(best.score() instanceof Score.Mate mated) || mated.moves() > 0) {
            return w.expected().over(best.expected()) > MORE_TROUBLE;
        }
        return !(w.score() instanceof Score.Mate m)
                || m.moves() > 0
                || m.moves() <= mated.moves() - 2;
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
                                                through(node, wrong.line()),
                                                wrong.detail(),
                                                wrong.exact());
                                findings.add(new Located(finding, node, Optional.empty()));
                            }
                        });
    }

    private void add(
            Node at,
            Finding.Kind kind,
            Finding.Severity severity,
            String line,
            String detail,
            Weighed by) {
        Finding finding = new Finding(kind, severity, line, detail, by.exact());
        findings.add(new Located(finding, at, Optional.of(by.move())));
    }

    private static String through(Node node, List<Move> rest) {
        return Line.to(node, Line.start(rest, SHOWN));
    }

    private static String san(Node node, Move move) {
        return San.write(node.position(), move);
    }

    /** Points of a hundred, and the result where it is settled. */
    private static String points(Weighed w) {
        String result = w.result() == ResultClass.OPEN ? "" : " (" + w.result().word() + ")";
        return w.score().text() + result;
    }
}
