package org.zeroply.coach.lesson.draft;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.lesson.LessonStep;

/** What steps that show a place of a game have in common. */
final class ShownPlace {

    private ShownPlace() {}

    /** The position alone, with where it is from, seen from the side whose theme it is. */
    static MoveTree start(Example example) {
        MoveTree shown = new MoveTree(example.position());
        TreeEditor editor = new TreeEditor(shown);
        LessonStep.origin(editor, example.game());
        editor.tag(LessonStep.SEEN, example.side().word().toLowerCase(Locale.ROOT));
        return shown;
    }

    /** Marks the men that show the theme. */
    static void mark(TreeEditor editor, Example example) {
        for (int square : example.evidence().men()) {
            Mark mark = new Mark(Mark.Meaning.TARGET, List.of(square));
            editor.toggleMark(editor.tree().root(), mark);
        }
    }

    /** What the facts say of these men, as sentences with a blank after each. */
    static String facts(Example example) {
        return example.evidence().facts().stream()
                .map(f -> f.sentence() + ". ")
                .collect(Collectors.joining());
    }

    static String title(LessonDraft.Theme theme, Example example, boolean first) {
        return (first ? theme.title() : "Once more") + ": " + example.title();
    }

    /** Expected score as points of 100. */
    static long points(double expected) {
        return Math.round(100 * expected);
    }
}
