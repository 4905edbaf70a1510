package org.zeroply.coach.lesson.draft;

import java.util.Comparator;
import org.zeroply.coach.evaluation.Choice;

/**
 * A position in which one move is clearly better than all others.
 *
 * @param onTheme whether that move has to do with what shows the theme
 */
record AskedMove(Example from, Choice choice, boolean onTheme) {

    /** Those first that a short search answers. */
    static final Comparator<AskedMove> EASIEST =
            Comparator.comparingInt(m -> m.choice().depthFound());

    /** Those first in which the most hangs on the move. */
    static final Comparator<AskedMove> CLEAREST =
            Comparator.comparingDouble((AskedMove m) -> m.choice().gap()).reversed();
}
