package org.zeroply.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import org.zeroply.library.Library;

/** Opens libraries for commands that make none: a name that was mistyped is no new library. */
final class Libraries {

    private Libraries() {}

    /**
     * Opens a library that is there.
     *
     * @throws BadInputException if it is not
     */
    static Library existing(Path file) {
        check(file);
        return Library.open(file);
    }

    /**
     * Tells early that there is none, before anything takes long.
     *
     * @throws BadInputException if there is none
     */
    static void check(Path file) {
        if (!Files.exists(file)) {
            throw new BadInputException("There is no library " + file + ".");
        }
    }
}
