package org.zeroply.library.database;

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
     * Writes a text; see {@link #write}.
     *
     * @throws IOException if it cannot be written
     */
    public static void writeText(Path file, CharSequence text) throws IOException {
        write(file, part -> Files.writeString(part, text));
    }

    /**
     * Writes a file; an older one is untouched until the new one is whole, and no part stays.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Path file, Writer writer) throws IOException {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            // A device or a pipe, say: there is nothing to be put in its place.
            writer.write(file);
            return;
        }
        Path target = Files.isSymbolicLink(file) ? file.toRealPath() : file;
        Path part = target.resolveSibling(target.getFileName() + ".part");
        try {
            Files.deleteIfExists(part);
            writer.write(part);
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
