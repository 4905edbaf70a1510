package org.zeroply.library.sheet;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.exercise.sound.KnownExercises;

/** The exercises of a library, for telling duplicates. */
public final class LibraryExercises {

    private LibraryExercises() {}

    /**
     * All exercises but the one that is written as this PGN, if it is in the library.
     *
     * @param pgn an exercise as it is written; empty for none
     */
    public static KnownExercises without(SheetStore sheets, String pgn) {
        return without(
                sheets,
                pgn.isEmpty()
                        ? OptionalLong.empty()
                        : sheets.findByPgn(pgn).map(OptionalLong::of).orElse(OptionalLong.empty()));
    }

    /** All exercises but one. */
    public static KnownExercises without(SheetStore sheets, OptionalLong id) {
        Map<String, String> titles = new HashMap<>();
        for (StoredExercise e : StoredExercise.all(sheets)) {
            if (!OptionalLong.of(e.row().id()).equals(id)) {
                titles.putIfAbsent(Symmetry.sharedKey(e.tree().start()), e.row().title());
            }
        }
        return position -> Optional.ofNullable(titles.get(Symmetry.sharedKey(position)));
    }
}
