package org.zeroply.library.database;

import java.nio.file.Files;
import java.nio.file.Path;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import org.zeroply.library.LibraryException;

/** What failures of the database mean to whoever uses the library. */
public final class Failures {

    private Failures() {}

    /** Whether a failure is that of a value which has no place in the library, not of its file. */
    public static boolean isBadValue(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException sql) {
                String name = sql.getResultCode().name();
                return name.startsWith("SQLITE_CONSTRAINT")
                        || name.startsWith("SQLITE_MISMATCH")
                        || name.startsWith("SQLITE_TOOBIG");
            }
        }
        return !(failure instanceof LibraryException);
    }

    static LibraryException translate(Path file, Exception e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException sql) {
                return new LibraryException(message(file, sql.getResultCode()), e);
            }
        }
        // What a library of ours says is for developers, and in the log.
        return new LibraryException(
                "The library " + file + " could not be used. It was left as it is.", e);
    }

    /** Where to go back to, if there is anything. */
    private static String copies(Path file) {
        Path folder = LibraryCopies.folder(file);
        return Files.isDirectory(folder)
                ? "Copies of earlier days are in " + folder + "; each can be opened as it is."
                : "There is no copy of it in " + folder + ".";
    }

    private static String message(Path file, SQLiteErrorCode code) {
        String name = code.name();
        if (name.startsWith("SQLITE_FULL")) {
            return "The disk is full. What was saved before is safe in "
                    + file
                    + "; the last change was not saved. Make room and save again.";
        }
        if (name.startsWith("SQLITE_IOERR")) {
            return file
                    + " could not be read or written: the disk is full, or does not answer as it"
                    + " should. What was saved before is safe. Make room, or see to the disk.";
        }
        if (name.startsWith("SQLITE_READONLY") || name.startsWith("SQLITE_CANTOPEN")) {
            return file + " cannot be written. What was saved before is safe. Allow writing there.";
        }
        if (name.startsWith("SQLITE_CORRUPT") || name.startsWith("SQLITE_NOTADB")) {
            return file + " is damaged and was left as it is. " + copies(file);
        }
        if (name.startsWith("SQLITE_BUSY") || name.startsWith("SQLITE_LOCKED")) {
            return file
                    + " is in use by another program. What was saved before is safe. Try again.";
        }
        return "The library " + file + " could not be used (" + code.message + ").";
    }
}
