package org.zeroply.coach.exercise.find;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.GameOrigin;
import org.zeroply.engine.analysis.Cancellation;

/** Makes exercises of finds. */
public final class GameExercise {

    private GameExercise() {}

    /**
     * Drafts a scheme for a find and writes down which game it is from.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    public static Optional<MoveTree> draft(
            SchemeDraft drafter,
            Prospect find,
            MoveTree game,
            DoubleConsumer progress,
            Cancellation cancellation) {
        return scheme(drafter, find, progress, cancellation)
                .map(
                        tree -> {
                            TreeEditor editor = new TreeEditor(tree);
                            GameOrigin.write(editor, game);
                            editor.tag("Event", game.tag("Event"));
                            Set<String> themes = new LinkedHashSet<>(find.themes());
                            themes.addAll(Exercise.of(tree).themes());
                            editor.tag(Exercise.THEMES, String.join(", ", themes));
                            return editor.tree();
                        });
    }

    private static Optional<MoveTree> scheme(
            SchemeDraft drafter,
            Prospect find,
            DoubleConsumer progress,
            Cancellation cancellation) {
        if (!find.isDefence()) {
            return drafter.draft(find.position(), find.tempting(), progress, cancellation);
        }
        return drafter.defence(cancellation)
                .draft(find.position(), DefenceTask.ELIMINATION, progress)
                .flatMap(DefenceDraft.Result::tree);
    }
}
