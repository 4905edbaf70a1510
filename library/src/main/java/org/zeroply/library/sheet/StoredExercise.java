package org.zeroply.library.sheet;

import java.util.List;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.scheme.Exercise;

/** An exercise of the library: what lists show of it, and its scheme. */
public record StoredExercise(SheetRow row, MoveTree tree) {

    /** All exercises, in the order of lists. */
    public static List<StoredExercise> all(SheetStore sheets) {
        return sheets.find(SheetQuery.all(SheetKind.EXERCISE)).stream()
                .map(row -> new StoredExercise(row, sheets.load(row.id())))
                .toList();
    }

    /** What its tags say. */
    public Exercise exercise() {
        return Exercise.of(tree);
    }
}
