package org.zeroply.library.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Files that are written whole or not at all: beside their place first, and then moved there. */
public final class WholeFile {

    private WholeFile() {}

    /** Writes a file that is not there yet. */
    @FunctionalInterface
    public interface Writer {
        void write(Path part) throws IOException;
    }

    /**
     * Writes a file; an older one is untouched until the new one is whole, and no part stays.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Path file, Writer writer) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            Files.deleteIfExists(part);
            writer.write(part);
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
