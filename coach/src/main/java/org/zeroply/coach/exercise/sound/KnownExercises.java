package org.zeroply.coach.exercise.sound;

import java.util.Optional;
import org.zeroply.chess.board.Position;

/** The exercises there are already. */
public interface KnownExercises {

    /** None. */
    KnownExercises NONE = position -> Optional.empty();

    /** The title of an exercise on this position, as it stands or turned over, if there is one. */
    Optional<String> like(Position position);
}
