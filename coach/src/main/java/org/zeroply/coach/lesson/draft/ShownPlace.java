package org.zeroply.coach.lesson.draft;

import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.pattern.Evidence;
import org.zeroply.coach.texts.CoachWords;

/** What steps that show a place of a game have in common. */
final class ShownPlace {

    private ShownPlace() {}

    /** The position alone, with where it is from, seen from the side whose theme it is. */
    static MoveTree start(Example example) {
        MoveTree shown = new MoveTree(example.position());
        TreeEditor editor = new TreeEditor(shown);
        LessonStep.origin(editor, example.game());
        editor.tag(LessonStep.SEEN, example.side().smallWord());
        return shown;
    }

    /**
     * Marks the men that show the theme, and gives what is said first: what the theme is, and what
     * the facts say of these men, as sentences with a blank after each.
     *
     * @param first whether it is the first step of the lesson, which says what the theme is
     */
    static String introduce(
            TreeEditor editor, LessonDraft.Theme theme, Example example, boolean first) {
        Evidence evidence = example.evidence();
        for (int square : evidence.men()) {
            Mark mark = new Mark(Mark.Meaning.TARGET, List.of(square));
            editor.toggleMark(editor.tree().root(), mark);
        }
        return evidence.facts().stream()
                .map(f -> f.sentence() + ". ")
                .collect(Collectors.joining("", first ? theme.definition() + ". " : "", ""));
    }

    /** The step that shows it. */
    static LessonStep step(MoveTree shown, LessonDraft.Theme theme, String title) {
        return LessonStep.of(StepKind.SHOW, shown)
                .with(LessonStep.TITLE, title)
                .with(Exercise.THEMES, theme.tag());
    }

    static String title(LessonDraft.Theme theme, Example example, boolean first) {
        return (first ? theme.title() : CoachWords.of("lesson.once-more")) + ": " + example.title();
    }

    /** Expected score as points of 100. */
    static long points(double expected) {
        return Math.round(100 * expected);
    }
}
