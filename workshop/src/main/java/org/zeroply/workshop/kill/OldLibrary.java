package org.zeroply.workshop.kill;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.zip.GZIPInputStream;

/** A library as the second version of the program wrote it, with one game. */
final class OldLibrary {

    private OldLibrary() {}

    static void write(Path file) throws IOException {
        try (InputStream packed = OldLibrary.class.getResourceAsStream("version-2.zpl.gz");
                InputStream in = new GZIPInputStream(packed)) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
