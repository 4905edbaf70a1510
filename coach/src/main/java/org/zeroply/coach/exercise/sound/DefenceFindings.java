package org.zeroply.coach.exercise.sound;

import static org.zeroply.coach.exercise.sound.Finding.Severity.ERROR;
import static org.zeroply.coach.exercise.sound.Finding.Severity.WARNING;

import java.util.Optional;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;

/** Defences that a scheme leaves out. */
final class DefenceFindings {

    /** Missing defences looked into at a node. */
    private static final int MISSING = 2;

    /** Expected score, 0 to 1, by which a lost defence is clearly better than another lost one. */
    private static final double MORE_TROUBLE = 0.01;

    /** The same where the defender has chances, at more than this. */
    private static final double CHANCES = 0.06;

    /** Defences whose scores differ less, in centipawns, hold out alike. */
    private static final int ALIKE = 20;

    private final Inspection inspection;

    DefenceFindings(Inspection inspection) {
        this.inspection = inspection;
    }

    /** Looks at a node at which the opponent is to move. */
    void look(Node node, Choice choice) {
        Weighed best =
                node.children().stream()
                        .map(n -> inspection.weighed(choice, n))
                        .max((a, b) -> a.score().compareTo(b.score()))
                        .orElseThrow();
        choice.moves().stream()
                .filter(w -> node.child(w.move()).isEmpty())
                .filter(w -> w.score().ordinal() >= best.score().ordinal() - ALIKE)
                .limit(MISSING)
                .map(w -> inspection.sure(node, w))
                .forEach(w -> missing(node, w, inspection.sure(node, best)));
    }

    private void missing(Node node, Weighed w, Weighed best) {
        // A border between two results alone decides nothing.
        double more = w.expected().over(best.expected());
        boolean turns = w.result().compareTo(best.result()) < 0 && more > Weighed.EQUAL;
        String name = Inspection.san(node, w.move());
        if (turns || more > MoveComparison.WEAKER) {
            inspection.add(
                    node,
                    Finding.Kind.MISSING_DEFENCE,
                    ERROR,
                    Inspection.through(node, w.line()),
                    CoachWords.of(
                            "exercise.is-better-than-every-defence",
                            name,
                            Inspection.points(w),
                            Inspection.points(best)),
                    w);
            return;
        }
        if (w.score().ordinal() < best.score().ordinal() - ALIKE) {
            return;
        }
        boolean longer = holdsOutLonger(w, best);
        Optional<Choice> answer = inspection.evaluator().choice(node.position().play(w.move()), 3);
        boolean obvious = answer.flatMap(a -> Obvious.why(a, Optional.of(w.move()))).isPresent();
        int others = answer.map(a -> a.asGood(MoveComparison.WAYS).size()).orElse(0);
        if (!longer && (obvious || others > 1)) {
            return;
        }
        boolean demands = longer || others == 0;
        String answers =
                obvious || others > 1
                        ? ""
                        : CoachWords.of(others == 0 ? "exercise.one-move" : "exercise.two-moves");
        inspection.add(
                node,
                Finding.Kind.MISSING_DEFENCE,
                demands && SolverFindings.isOnMainLine(node) ? ERROR : WARNING,
                Inspection.through(node, w.line()),
                CoachWords.of(
                        longer
                                ? "exercise.holds-out-longer-than-the"
                                : "exercise.is-as-good-as-the",
                        name,
                        answers.isEmpty()
                                ? ""
                                : CoachWords.of(
                                        others == 0 ? "exercise.answers-it" : "exercise.answer-it",
                                        answers)),
                w);
    }

    /** Whether a defence, even if it loses, makes clearly more trouble than the best known one. */
    private static boolean holdsOutLonger(Weighed w, Weighed best) {
        if (!(best.score() instanceof Score.Mate mated) || mated.moves() > 0) {
            double needed = best.expected().value() > CHANCES ? Weighed.EQUAL : MORE_TROUBLE;
            return w.expected().over(best.expected()) > needed;
        }
        return !(w.score() instanceof Score.Mate m)
                || m.moves() > 0
                || m.moves() <= mated.moves() - 2;
    }
}
