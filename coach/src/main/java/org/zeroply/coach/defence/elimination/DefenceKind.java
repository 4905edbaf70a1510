package org.zeroply.coach.defence.elimination;

import java.util.Locale;
import org.zeroply.coach.texts.CoachWords;

/** In what way a move meets a threat. What each means exactly is in {@code docs/defence.md}. */
public enum DefenceKind {
    BLOCK_PAWN(CoachWords.of("defence.blocks-with-a-pawn")),
    BLOCK_PIECE(CoachWords.of("defence.blocks-with-a-piece")),
    GUARD(CoachWords.of("defence.guards-the-square")),
    GUARD_THROUGH(CoachWords.of("defence.guards-the-square-from-behind")),
    CAPTURE(CoachWords.of("defence.captures-the-attacker")),
    PIN(CoachWords.of("defence.pins-the-attacker")),
    DEFLECT(CoachWords.of("defence.deflects-the-attacker")),
    MAKE_ROOM(CoachWords.of("defence.makes-room-for-the-king")),
    MOVE_TARGET(CoachWords.of("defence.moves-the-target")),
    COUNTER_THREAT(CoachWords.of("defence.sets-up-a-counter-threat")),
    CHECK(CoachWords.of("defence.checks-in-between"));

    private final String words;

    DefenceKind(String words) {
        this.words = words;
    }

    /** What the move does, after the name of the move. */
    public String words() {
        return words;
    }

    /** The name in files and for scripts: {@code block-pawn}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
