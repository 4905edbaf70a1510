package org.zeroply.library.database;

import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Optional;

/** What failures of files mean: many say nothing but the name of the file. */
public final class FileTrouble {

    private FileTrouble() {}

    /** Why it failed, as the end of a sentence without its full stop. */
    public static String reason(Exception e) {
        if (e instanceof UncheckedIOException handedOn) {
            return reason(handedOn.getCause());
        } else if (e instanceof AccessDeniedException) {
            return "this user is not allowed to";
        } else if (e instanceof NoSuchFileException gone) {
            return "there is no " + gone.getFile();
        } else if (e instanceof FileAlreadyExistsException there) {
            return there.getFile() + " is in the way";
        } else if (e instanceof DirectoryNotEmptyException folder) {
            return folder.getFile() + " is a folder with something in it";
        } else if (e instanceof FileSystemException system && system.getReason() != null) {
            return system.getReason();
        }
        return Optional.ofNullable(e.getMessage())
                .filter(m -> !m.isBlank())
                .orElse(e.getClass().getSimpleName());
    }
}
