package org.zeroply.library;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * New libraries for tests. To make one takes all migrations, one after the other, which is most of
 * what a short test does: it is made once for all tests of a process, and copied.
 */
public final class FreshLibrary {

    private static byte[] made;

    private FreshLibrary() {}

    /**
     * Puts an empty library where there is none; leaves one that is there as it is.
     *
     * @return the place
     */
    public static Path at(Path file) {
        try {
            if (Files.notExists(file)) {
                Files.write(file, made());
            }
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized byte[] made() throws IOException {
        if (made == null) {
            Path folder = Files.createTempDirectory("fresh-library");
            Path file = folder.resolve("made.zpl");
            Library.open(file).close();
            made = Files.readAllBytes(file);
            Files.delete(file);
            Files.delete(folder);
        }
        return made;
    }
}
