package org.zeroply.desktop.controls;

/**
 * Something that can be done, for the palette of commands, the list of keys and menus.
 *
 * @param name what it does
 * @param key its key in words of JavaFX key combinations, or empty
 * @param action does it
 */
public record Command(String name, String key, Runnable action) {

    /** A command without a key. */
    public static Command of(String name, Runnable action) {
        return new Command(name, "", action);
    }

    /** Its key as it is shown: {@code Ctrl+Z}. */
    public String keyText() {
        return key.replace("Shortcut", "Ctrl").replace("_", " ").replace("Minus", "-");
    }
}
