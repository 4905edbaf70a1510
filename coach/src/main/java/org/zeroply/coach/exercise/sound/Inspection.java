package org.zeroply.coach.exercise.sound;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;

/**
 * What is found in the lines of a scheme, and the closer look that is taken before a move speaks
 * against it.
 */
final class Inspection {

    /** Moves of a proof that are told after the scheme's. */
    private static final int SHOWN = 6;

    private final MoveEvaluator evaluator;
    private final MoveEvaluator thorough;

    /** By the move, too: two moves of two positions may lead to one. */
    private final Map<Asked, Weighed> closer = new HashMap<>();

    private record Asked(Position position, Move move) {}

    private final List<Located> findings = new ArrayList<>();

    Inspection(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
        this.thorough = evaluator.withNodes(2 * evaluator.nodes());
    }

    MoveEvaluator evaluator() {
        return evaluator;
    }

    /** What was found so far. */
    List<Located> findings() {
        return findings;
    }

    Weighed weighed(Choice choice, Node child) {
        return choice.of(child.move())
                .orElseGet(() -> evaluator.weigh(choice.position(), child.move()));
    }

    /**
     * A closer look at a move that speaks against the scheme, with all nodes for it alone and twice
     * as many of them.
     */
    Weighed sure(Node node, Weighed w) {
        return w.exact()
                ? w
                : closer.computeIfAbsent(
                        new Asked(node.position(), w.move()),
                        asked -> thorough.weigh(asked.position(), asked.move()));
    }

    void add(
            Node at,
            Finding.Kind kind,
            Finding.Severity severity,
            String line,
            String detail,
            Weighed by) {
        Finding finding = new Finding(kind, severity, line, detail, by.exact());
        findings.add(new Located(finding, at, Optional.of(by.move())));
    }

    void add(Located located) {
        findings.add(located);
    }

    static String through(Node node, List<Move> rest) {
        return Line.to(node, Line.start(rest, SHOWN));
    }

    static String san(Node node, Move move) {
        return San.write(node.position(), move);
    }

    /** Points of a hundred, and the result where it is settled. */
    static String points(Weighed w) {
        String result = w.result() == ResultClass.OPEN ? "" : " (" + w.result().word() + ")";
        return w.score().text() + result;
    }
}
