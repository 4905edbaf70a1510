package org.zeroply.desktop.controls;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.layout.Region;
import org.zeroply.chess.board.Side;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.work.TreeSession;

/** A place of work beside the board. */
public interface Desk {

    /** Its name in the margin. */
    String name();

    /** What stands beside the board. */
    Region content();

    /** What stands under the board while this desk is in front, if anything. */
    default Optional<Region> underBoard() {
        return Optional.empty();
    }

    /** What the board shows while this desk is in front. */
    TreeSession session();

    /** Whether men can be moved and the engine may look on. */
    boolean isOpenBook();

    /** Whether men can be moved, even while the engine may not look on. */
    default boolean isMovable() {
        return isOpenBook();
    }

    /** Called when the desk comes to the front. */
    void shown();

    /** What is laid over the board while this desk is in front. */
    default ObservableValue<BoardOverlay> overlay() {
        return new ReadOnlyObjectWrapper<>(BoardOverlay.NONE);
    }

    /** Whether the position is hidden from whoever sits at this desk. */
    default ObservableValue<Boolean> boardHidden() {
        return new ReadOnlyObjectWrapper<>(false);
    }

    /** Told of every square pressed on the board while this desk is in front. */
    default void pressed(int square) {}

    /** The side the board is seen from when the desk comes to the front; empty for as it is. */
    default Optional<Side> seenFrom() {
        return Optional.empty();
    }

    /** Saves what is not saved yet. */
    default void flush() {}

    /** Chooses the colours of what is drawn by hand. */
    default void setPalette(Palette palette) {}

    /** What can be done here, for the palette of commands and the list of keys. */
    List<Command> commands();

    /**
     * A command.
     *
     * @param name what it does
     * @param key its key in words of JavaFX key combinations, or empty
     */
    record Command(String name, String key, Runnable action) {}
}
