package org.zeroply.library.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import org.zeroply.library.LibraryException;
import org.zeroply.library.texts.LibraryWords;

/**
 * Where an open library is. Some systems let a file be moved, replaced or deleted while a program
 * has it open; what is written then goes nowhere, without an error.
 */
final class LibraryPlace {

    private final Path file;
    private final Optional<Object> opened;

    LibraryPlace(Path file) {
        this.file = file;
        this.opened = identity(file);
    }

    /** What tells a file from another one of its name, where the system has such a thing. */
    private static Optional<Object> identity(Path file) {
        try {
            return Optional.ofNullable(
                    Files.readAttributes(file, BasicFileAttributes.class).fileKey());
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Whether the file is where it was, or the system cannot tell. */
    boolean isTaken() {
        return opened.isEmpty() || opened.equals(identity(file));
    }

    /**
     * Looks whether the file is where it was.
     *
     * @throws LibraryException if it is gone, or another one stands in its place
     */
    void check() {
        if (!isTaken()) {
            boolean another = Files.exists(file);
            throw new LibraryException(
                    LibraryWords.of(
                            "database.since-it-was-opened-so",
                            LibraryWords.of(
                                    another
                                            ? "database.another-file-has-taken-the"
                                            : "database.is-gone",
                                    file)));
        }
    }
}
