package org.zeroply.desktop.work;

import java.util.OptionalLong;
import org.zeroply.chess.tree.MoveTree;

/**
 * A sheet that was opened: the same one from its opening on, whether it is in the library yet or
 * not. Read where it is saved, and told there or in the window what was.
 */
public final class OpenSheet {

    private volatile MoveTree known;
    private volatile OptionalLong id;

    /**
     * @param known how it is in the library, or was when it was made; nobody changes this tree
     */
    OpenSheet(MoveTree known, OptionalLong id) {
        this.known = known;
        this.id = id;
    }

    /** How it was saved last or, before that, opened. */
    MoveTree known() {
        return known;
    }

    /** Its number in the library, if it is there. */
    public OptionalLong id() {
        return id;
    }

    void stored(long number, MoveTree state) {
        id = OptionalLong.of(number);
        known = state;
    }
}
