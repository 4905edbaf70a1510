package org.zeroply.coach.fact.tactics;

import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.material.Hanging;
import org.zeroply.coach.texts.CoachWords;

/** What is in danger in a position, in one line to be read beside the board. */
public final class Danger {

    /** Men that are named: our choice. */
    private static final int SHOWN = 3;

    private Danger() {}

    /**
     * The men that captures win, else those that are attacked more often than guarded, three at
     * most; these are two things, and only the first hangs.
     */
    public static String words(Position position) {
        Scene scene = new Scene(position);
        List<Hanging> men = Hanging.in(position);
        String hang = list(men.stream().filter(m -> ForkFacts.isWon(scene, m)).toList());
        if (!hang.isEmpty()) {
            return CoachWords.of("fact.hanging", hang);
        }
        String pressed = list(men.stream().filter(Hanging::isInDanger).toList());
        return pressed.isEmpty()
                ? CoachWords.of("fact.nothing-hangs")
                : CoachWords.of("fact.attacked-more-often-than-guarded", pressed);
    }

    private static String list(List<Hanging> men) {
        return men.stream().limit(SHOWN).map(Hanging::text).collect(Collectors.joining(", "));
    }
}
