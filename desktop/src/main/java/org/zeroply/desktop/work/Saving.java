package org.zeroply.desktop.work;

import java.util.List;
import javafx.beans.property.ReadOnlyStringProperty;
import org.zeroply.chess.tree.MoveTree;

/** Something that is saved by itself. */
public interface Saving {

    /** Why the last save failed; empty when it did not. */
    ReadOnlyStringProperty problemProperty();

    /** Saves now what was not saved yet. */
    void flush();

    /** Whether all that was done is in the library. */
    boolean isClean();

    /** The newest states that are not in the library. */
    List<MoveTree> unsaved();

    /**
     * Shows what something else has written; what was done here and is not saved yet stays.
     *
     * @param what said where another state is shown now; empty to say nothing
     */
    void lookAgain(String what);
}
