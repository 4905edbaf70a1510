package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.engine.analysis.Cancellation;

/** Makes exercises of finds. */
public final class GameExercise {

    private static final List<String> FROM_GAME = List.of("White", "Black", "Date");

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
        return drafter.draft(find.position(), find.tempting(), progress, cancellation)
                .map(
                        tree -> {
                            TreeEditor editor = new TreeEditor(tree);
                            FROM_GAME.forEach(tag -> editor.tag(tag, game.tag(tag)));
                            editor.tag("Event", game.tag("Event"));
                            editor.tag("ZpTitle", title(find, game));
                            Set<String> themes = new LinkedHashSet<>(find.themes());
                            themes.addAll(Exercise.of(tree).themes());
                            editor.tag(Exercise.THEMES, String.join(", ", new ArrayList<>(themes)));
                            return editor.tree();
                        });
    }

    private static String title(Prospect find, MoveTree game) {
        return game.tag("White")
                + " – "
                + game.tag("Black")
                + ", move "
                + find.position().fullmoveNumber();
    }
}
