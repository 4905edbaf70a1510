package org.zeroply.coach.lesson.draft;

import java.util.List;
import java.util.Set;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.SchemeNote;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;

/** Turns exercises into questions. */
final class ExerciseQuestion {

    /** What belongs to an exercise and not to a question. */
    private static final Set<String> OF_EXERCISES =
            Set.of(
                    Exercise.KIND,
                    Exercise.MINUTES,
                    Exercise.MAX_POINTS,
                    Exercise.BAND,
                    Exercise.VERDICTS,
                    Exercise.PROMPT,
                    "ZpAim");

    private ExerciseQuestion() {}

    /** Plies that are shown of a line: enough to see why, our choice. */
    private static final int SHOWN = 9;

    /**
     * The question for the first move of an exercise. Its points are left out; what was worth
     * points stays as one line for each first move, and one that earned some without being the
     * answer is marked as interesting: good, but there is better.
     */
    static LessonStep of(MoveTree exercise) {
        MoveTree copy = exercise.copy();
        TreeEditor editor = new TreeEditor(copy);
        OF_EXERCISES.forEach(tag -> editor.tag(tag, ""));
        for (Node first : copy.root().children()) {
            boolean less = earns(first) && copy.root().children().get(0) != first;
            alone(editor, first);
            if (less && first.annotation().nags().stream().noneMatch(Nag::gradesMove)) {
                editor.grade(first, Nag.INTERESTING);
            }
        }
        return LessonStep.of(StepKind.ASK, copy).with(LessonStep.ASKED, "move");
    }

    private static boolean earns(Node first) {
        SchemeNote scheme = first.annotation().scheme();
        return !scheme.points().isEmpty() && !scheme.equal() && !scheme.tempting();
    }

    /** What is said of later moves tells how an exercise was drafted. */
    private static Annotation said(Annotation a, boolean first) {
        Annotation free = a.withPoints(List.of()).withEnd(false);
        return first ? free : free.withAfter("");
    }

    /** Leaves the main line after a move, to its first verdict or so far. */
    private static void alone(TreeEditor editor, Node from) {
        Node node = from;
        boolean decided = false;
        while (true) {
            decided |= node.annotation().verdict().isPresent();
            boolean first = node == from;
            editor.annotate(node, a -> said(a, first));
            if (node.children().isEmpty()) {
                return;
            }
            if (decided || node.depth() >= SHOWN) {
                editor.deleteRest(node);
                return;
            }
            List<Node> others = node.children().subList(1, node.children().size());
            List.copyOf(others).forEach(editor::delete);
            node = node.children().get(0);
        }
    }
}
