package org.zeroply.coach.lesson.draft;

import java.util.List;
import java.util.Set;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;

/** Turns exercises into questions. */
final class Questions {

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

    private Questions() {}

    /** The question for the first move of an exercise; its points are left out, its lines stay. */
    static LessonStep of(MoveTree exercise) {
        MoveTree copy = exercise.copy();
        TreeEditor editor = new TreeEditor(copy);
        OF_EXERCISES.forEach(tag -> editor.tag(tag, ""));
        for (Node node : copy.nodes()) {
            editor.annotate(node, a -> a.withPoints(List.of()).withEnd(false));
        }
        return LessonStep.of(StepKind.ASK, copy).with(LessonStep.ASKED, "move");
    }
}
