package org.zeroply.library.database;

import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Optional;
import org.zeroply.library.texts.LibraryWords;

/** What failures of files mean: many say nothing but the name of the file. */
public final class FileTrouble {

    private FileTrouble() {}

    /** Why it failed, as the end of a sentence without its full stop. */
    public static String reason(Exception e) {
        if (e instanceof UncheckedIOException handedOn) {
            return reason(handedOn.getCause());
        } else if (e instanceof AccessDeniedException) {
            return LibraryWords.of("database.this-user-is-not-allowed");
        } else if (e instanceof NoSuchFileException gone) {
            return LibraryWords.of("database.there-is-no", gone.getFile());
        } else if (e instanceof FileAlreadyExistsException there) {
            return LibraryWords.of("database.is-in-the-way", there.getFile());
        } else if (e instanceof DirectoryNotEmptyException folder) {
            return LibraryWords.of("database.is-a-folder-with-something", folder.getFile());
        } else if (e instanceof FileSystemException system && system.getReason() != null) {
            return system.getReason();
        }
        return Optional.ofNullable(e.getMessage())
                .filter(m -> !m.isBlank())
                .orElse(e.getClass().getSimpleName());
    }
}
