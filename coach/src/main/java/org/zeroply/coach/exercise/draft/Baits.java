package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.texts.CoachWords;

/** Shows moves that look good and are not, each with the reply at which it fails. */
final class Baits {

    /** Plies that are shown of what refutes a bait: our choice. */
    private static final int REFUTATION_PLIES = 6;

    /** Tempting moves looked at in one position. */
    private static final int LOOKED_AT = 3;

    /** A loss that needs no border between two results. */
    private static final double NOT_FAR = 0.45;

    /** What seems to fail is looked at once more, on so many times the nodes. */
    private static final int SURELY = 4;

    private final MoveEvaluator evaluator;
    private final TreeEditor editor;
    private final Judgement judgement;

    Baits(MoveEvaluator evaluator, TreeEditor editor, Judgement judgement) {
        this.evaluator = evaluator;
        this.editor = editor;
        this.judgement = judgement;
    }

    /**
     * Adds tempting moves at a node.
     *
     * @param wanted moves to try first
     * @param good moves that are none
     * @param most how many to show
     * @return how many are shown
     */
    int add(Node node, Choice choice, List<Move> wanted, List<Move> good, int most) {
        List<Move> candidates = new ArrayList<>(wanted);
        choice.temptations().stream().limit(LOOKED_AT).forEach(candidates::add);
        int shown = 0;
        for (Move move : candidates.stream().distinct().toList()) {
            boolean open =
                    node.position().isLegal(move)
                            && node.child(move).isEmpty()
                            && !good.contains(move)
                            && !move.equals(choice.best().move());
            if (shown < most && open) {
                shown += bait(node, choice, move) ? 1 : 0;
            }
        }
        return shown;
    }

    private boolean fails(Choice choice, Weighed w) {
        Loss loss = Loss.of(w, choice.best());
        MoveComparison comparison = new MoveComparison(choice.position(), choice.best());
        boolean changes =
                comparison.grade(w) == Grade.FAILS
                        || w.result() != choice.result()
                        || loss.exceeds(NOT_FAR);
        return loss.exceeds(MoveComparison.HARM) && changes;
    }

    /** Shows a refutation, if it stands up to a longer look and at its end as much is lost. */
    private boolean bait(Node node, Choice choice, Move move) {
        if (!fails(choice, evaluator.weigh(node.position(), move))) {
            return false;
        }
        MoveEvaluator longer = evaluator.withNodes(SURELY * evaluator.nodes());
        Weighed w = longer.weigh(node.position(), move);
        if (!fails(choice, w)) {
            return false;
        }
        Node end = editor.addLine(node, Line.start(w.line(), REFUTATION_PLIES));
        Node bait = node.child(w.move()).orElseThrow();
        Loss shown = Loss.between(choice.best().expected(), judgement.write(end));
        if (!shown.exceeds(MoveComparison.HARM)) {
            editor.delete(bait);
            return false;
        }
        editor.annotate(bait, a -> a.withTempting(true));
        editor.comment(bait, words(bait));
        return true;
    }

    private static String words(Node bait) {
        Optional<Node> reply = bait.mainChild();
        return reply.map(
                        r ->
                                CoachWords.of(
                                        "exercise.tempts-but-answers-it",
                                        Line.number(bait.position(), true),
                                        San.write(bait.position(), r.move())))
                .orElse(CoachWords.of("exercise.tempts-and-gives-away-what"));
    }
}
