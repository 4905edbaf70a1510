package org.zeroply.coach.exercise.sound;

import static org.zeroply.coach.exercise.sound.Finding.Kind.POINTS_SUM;
import static org.zeroply.coach.exercise.sound.Finding.Kind.UNEVEN_WAYS;
import static org.zeroply.coach.exercise.sound.Finding.Kind.UNREACHABLE_POINTS;
import static org.zeroply.coach.exercise.sound.Finding.Kind.WRONG_VERDICT;
import static org.zeroply.coach.exercise.sound.Finding.Severity.ERROR;
import static org.zeroply.coach.exercise.sound.Finding.Severity.WARNING;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.texts.CoachWords;

/** What is wrong with the points and the aim of a scheme; no engine is needed to tell. */
final class PointFindings {

    private final MoveTree tree;
    private final MarkingScheme scheme;
    private final List<Finding> findings = new ArrayList<>();

    private PointFindings(MoveTree tree) {
        this.tree = tree;
        this.scheme = MarkingScheme.of(tree);
    }

    static List<Finding> of(MoveTree tree) {
        PointFindings points = new PointFindings(tree);
        points.sum();
        points.aim();
        tree.visit(points::unreachable);
        tree.visit(points::uneven);
        return points.findings;
    }

    private void sum() {
        int sum = scheme.sum();
        String max = tree.tag(Exercise.MAX_POINTS);
        if (sum == 0) {
            add(POINTS_SUM, ERROR, "", CoachWords.of("exercise.no-move-of-the-scheme"));
        } else if (!max.isEmpty() && !max.equals(String.valueOf(sum))) {
            add(POINTS_SUM, ERROR, "", CoachWords.of("exercise.the-items-add-up-to", sum, max));
        }
    }

    /** An exercise does not ask to hold, or to win, what its own main line loses. */
    private void aim() {
        Optional<Node> end =
                tree.mainLine().stream()
                        .filter(n -> n.annotation().verdict().isPresent())
                        .reduce((earlier, later) -> later);
        Optional<Aim> aim = Aim.of(tree);
        if (end.isEmpty() || aim.isEmpty()) {
            return;
        }
        Verdict verdict = end.get().annotation().verdict().orElseThrow();
        boolean white = tree.start().sideToMove() == Side.WHITE;
        int ends = white ? verdict.tendency() : -verdict.tendency();
        boolean misses =
                switch (aim.get()) {
                    case HOLD -> ends == Verdict.BLACK_WINS.tendency();
                    case MATE, MATERIAL, WIN -> ends < 0;
                    case BEST -> false;
                };
        if (misses) {
            String detail =
                    CoachWords.of(
                            "exercise.the-aim-is-but-the", aim.get().words(), verdict.words());
            add(WRONG_VERDICT, ERROR, Line.to(end.get()), detail);
        }
    }

    private void unreachable(Node node) {
        if (node.annotation().scheme().points().isEmpty()) {
            return;
        }
        if (node.isRoot()) {
            add(
                    UNREACHABLE_POINTS,
                    ERROR,
                    "",
                    CoachWords.of("exercise.there-are-points-before-the"));
            return;
        }
        String line = Line.to(node);
        Optional<Node> bait =
                node.path().stream().filter(n -> n.annotation().scheme().tempting()).findFirst();
        if (bait.isPresent()) {
            String where = bait.get() == node ? "on" : "after";
            add(
                    UNREACHABLE_POINTS,
                    ERROR,
                    line,
                    CoachWords.of("exercise.there-are-points-a-tempting", where));
        }
        if (node.path().stream().anyMatch(n -> n.move().isNull())) {
            add(UNREACHABLE_POINTS, ERROR, line, CoachWords.of("exercise.an-answer-cannot-pass"));
        }
        if (bait.isEmpty() && scheme.items().stream().noneMatch(i -> i.node() == node)) {
            String detail = CoachWords.of("exercise.the-points-of-the-equal");
            add(UNREACHABLE_POINTS, ERROR, line, detail);
        }
        scheme.items().stream()
                .filter(i -> i.node() == node)
                .forEach(
                        i -> {
                            if (i.rule().needsVerdict() && i.verdict().isEmpty()) {
                                String detail = CoachWords.of("exercise.points-on-a-verdict-but");
                                add(UNREACHABLE_POINTS, ERROR, line, detail);
                            }
                            if (isOutdone(node, i.rule())) {
                                String detail =
                                        CoachWords.of(
                                                "exercise.an-earlier-move-of-this",
                                                i.rule().group().orElseThrow());
                                add(UNREACHABLE_POINTS, WARNING, line, detail);
                            }
                        });
    }

    /** Whether who earns these points has earned as many of the same group on the way. */
    private static boolean isOutdone(Node node, PointRule rule) {
        return rule.group().isPresent()
                && node.path().stream()
                        .filter(n -> n != node)
                        .flatMap(n -> n.annotation().scheme().points().stream())
                        .anyMatch(
                                r ->
                                        r.group().equals(rule.group())
                                                && !r.needsVerdict()
                                                && r.points() >= rule.points());
    }

    private void uneven(Node node) {
        if (node.isRoot() || !node.annotation().scheme().equal()) {
            return;
        }
        Node main = node.parent().orElseThrow().children().get(0);
        int through = scheme.sumBelow(main);
        int aside = scheme.sumBelow(node);
        if (main != node && aside < through) {
            String detail = CoachWords.of("exercise.it-is-marked-as-equal", aside, through);
            add(UNEVEN_WAYS, WARNING, Line.to(node), detail);
        }
    }

    private void add(Finding.Kind kind, Finding.Severity severity, String line, String detail) {
        findings.add(new Finding(kind, severity, line, detail, false));
    }
}
