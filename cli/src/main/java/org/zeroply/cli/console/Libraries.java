package org.zeroply.cli.console;

import java.nio.file.Files;
import java.nio.file.Path;
import org.zeroply.library.Library;

/** Opens libraries for commands that make none: a name that was mistyped is no new library. */
public final class Libraries {

    private Libraries() {}

    /**
     * Opens a library that is there.
     *
     * @throws BadInputException if it is not
     */
    public static Library existing(Path file) {
        check(file);
        return Library.open(file);
    }

    /**
     * Tells early that there is none, before anything takes long.
     *
     * @throws BadInputException if there is none
     */
    public static void check(Path file) {
        if (!Files.exists(file)) {
            throw new BadInputException("There is no library " + file + ".");
        }
    }
}
