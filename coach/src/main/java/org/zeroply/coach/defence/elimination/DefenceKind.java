package org.zeroply.coach.defence.elimination;

import java.util.Locale;

/** In what way a move meets a threat. What each means exactly is in {@code docs/defence.md}. */
public enum DefenceKind {
    BLOCK_PAWN("blocks with a pawn"),
    BLOCK_PIECE("blocks with a piece"),
    GUARD("guards the square"),
    GUARD_THROUGH("guards the square from behind"),
    CAPTURE("captures the attacker"),
    PIN("pins the attacker"),
    DEFLECT("deflects the attacker"),
    MAKE_ROOM("makes room for the king"),
    MOVE_TARGET("moves the target"),
    COUNTER_THREAT("sets up a counter-threat"),
    CHECK("checks in between");

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
