package org.zeroply.desktop.work;

import java.util.OptionalLong;
import org.zeroply.chess.tree.MoveTree;

/**
 * A sheet that was opened: the same one from its opening on, whether it is in the library yet or
 * not.
 */
public final class OpenSheet {

    private final MoveTree made;
    private OptionalLong id;

    /**
     * @param made how it was when it was opened, which is kept only until it is in the library
     */
    OpenSheet(MoveTree made, OptionalLong id) {
        this.made = made;
        this.id = id;
    }

    /** How it was when it was opened. */
    MoveTree made() {
        return made;
    }

    /** Its number in the library, if it is there. */
    public OptionalLong id() {
        return id;
    }

    void stored(long number) {
        id = OptionalLong.of(number);
    }
}
