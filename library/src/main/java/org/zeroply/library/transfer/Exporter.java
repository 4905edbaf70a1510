package org.zeroply.library.transfer;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.texts.LibraryWords;

/**
 * Writes a library to a file: everything to a {@code .zip}, or all sheets to a {@code .pgn}. The
 * file is written beside its place and then moved there, so that a failure leaves an old one
 * untouched.
 */
public final class Exporter {

    private final Library library;

    public Exporter(Library library) {
        this.library = library;
    }

    /**
     * Writes the file.
     *
     * @throws LibraryException if the ending is neither, or the file cannot be written
     */
    public void write(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (!name.endsWith(".zip") && !name.endsWith(".pgn")) {
            throw new LibraryException(LibraryWords.of("transfer.the-name-must-end-in", file));
        }
        try {
            WholeFile.write(file, part -> write(part, name.endsWith(".zip")));
        } catch (IOException | UncheckedIOException e) {
            throw new LibraryException(
                    LibraryWords.of(
                            "transfer.could-not-be-written-an", file, FileTrouble.reason(e)),
                    e);
        }
    }

    private void write(Path part, boolean everything) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(part))) {
            Archive archive = new Archive(library);
            if (everything) {
                archive.write(out);
            } else {
                for (SheetKind kind : SheetKind.values()) {
                    archive.sheets(kind, out);
                }
            }
        }
    }
}
