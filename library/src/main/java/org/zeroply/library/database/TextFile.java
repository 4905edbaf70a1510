package org.zeroply.library.database;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Text files whose encoding is not known: UTF-8, or else Latin-1. */
public final class TextFile {

    private TextFile() {}

    /**
     * The text of a file.
     *
     * @throws IOException if it cannot be read
     */
    public static String read(Path file) throws IOException {
        try {
            return Files.readString(file);
        } catch (CharacterCodingException e) {
            return Files.readString(file, StandardCharsets.ISO_8859_1);
        }
    }
}
