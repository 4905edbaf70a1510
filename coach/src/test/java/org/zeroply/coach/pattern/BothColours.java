package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;

/** Conditions on positions, and on the same positions with the colours exchanged. */
final class BothColours {

    private BothColours() {}

    /** Also that the condition is read again as it is written. */
    static void assertHolds(String text, Position position, boolean holds) {
        Condition asked = ConditionReader.together(ConditionReader.all(text));
        assertThat(asked.holds(Situation.of(position))).isEqualTo(holds);
        Position exchanged = Symmetry.FLIPPED.of(position).orElseThrow();
        assertThat(asked.under(Symmetry.FLIPPED).holds(Situation.of(exchanged))).isEqualTo(holds);
        assertThat(ConditionReader.together(ConditionReader.all(asked.text()))).isEqualTo(asked);
    }
}
