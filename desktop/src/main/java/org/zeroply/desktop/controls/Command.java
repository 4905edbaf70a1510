package org.zeroply.desktop.controls;

import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/**
 * Something that can be done, for the palette of commands, the list of keys and menus.
 *
 * @param name what it does
 * @param key its key in words of JavaFX key combinations, or empty
 * @param action does it
 */
public record Command(String name, String key, Runnable action) {

    /**
     * @throws IllegalArgumentException if no key has this name: such a command would never be heard
     */
    public Command {
        if (!key.isEmpty() && !(KeyCombination.valueOf(key) instanceof KeyCodeCombination)) {
            throw new IllegalArgumentException("there is no key '" + key + "'");
        }
    }

    /** A command without a key. */
    public static Command of(String name, Runnable action) {
        return new Command(name, "", action);
    }

    /** Its key as it is shown: {@code Ctrl+Z}. */
    public String keyText() {
        return key.replace("Shortcut", "Ctrl").replace("Minus", "-").replace("Equals", "+");
    }
}
