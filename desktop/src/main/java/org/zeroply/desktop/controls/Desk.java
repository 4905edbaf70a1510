package org.zeroply.desktop.controls;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
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

    /** How much room the board takes while this desk is in front. */
    default ObservableValue<BoardUse> boardUse() {
        return new ReadOnlyObjectWrapper<>(BoardUse.LARGE);
    }

    /** What the context menu of the board offers here, beside what it offers everywhere. */
    default List<Command> boardMenu() {
        return List.of();
    }

    /** Takes back what was done last at this desk. */
    default void undo() {
        session().undo();
    }

    /** Makes again what was taken back last at this desk. */
    default void redo() {
        session().redo();
    }

    /** Its pages; empty where there is only one. */
    default Optional<PageSwitch> pages() {
        return Optional.empty();
    }

    /** The page in front, by its name; empty where there is only one. */
    default String page() {
        return pages().map(PageSwitch::front).orElse("");
    }

    /** Brings a page to the front by its name; nothing happens if there is none of that name. */
    default void showPage(String name) {
        pages().filter(p -> p.has(name)).ifPresent(p -> p.show(name));
    }

    /** Keys that belong to what is being shown here, wherever the focus is. */
    default Set<KeyCode> shownKeys() {
        return Set.of();
    }

    /** Steps back out of something that was gone into, on Esc; false if there is nothing. */
    default boolean stepBack() {
        return false;
    }

    /** What can be opened here by its name, for the palette of commands. */
    default List<Command> choices() {
        return List.of();
    }

    /** Saves what is not saved yet. */
    default void flush() {}

    /** Chooses the colours of what is drawn by hand. */
    default void setPalette(Palette palette) {}

    /** What can be done here, for the palette of commands and the list of keys. */
    List<Command> commands();
}
