package org.zeroply.library.database;

import java.nio.file.Files;
import java.nio.file.Path;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import org.zeroply.library.LibraryException;
import org.zeroply.library.texts.LibraryWords;

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

    /** What is wrong with such a value, as far as it is known. */
    public static String badValue(Throwable failure) {
        boolean ours = failure instanceof IllegalArgumentException && failure.getMessage() != null;
        return ours ? failure.getMessage() : LibraryWords.of("database.a-value-has-no-place");
    }

    static LibraryException translate(Path file, Exception e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException sql) {
                return new LibraryException(message(file, sql.getResultCode()), e);
            }
        }
        // What a library of ours says is for developers, and in the log.
        return new LibraryException(LibraryWords.of("database.the-library-could-not-be", file), e);
    }

    /** Where to go back to, if there is anything. */
    private static String copies(Path file) {
        Path folder = LibraryCopies.folder(file);
        return LibraryWords.of(
                Files.isDirectory(folder)
                        ? "database.copies-of-earlier-days-are"
                        : "database.there-is-no-copy-of",
                folder);
    }

    private static String message(Path file, SQLiteErrorCode code) {
        String name = code.name();
        if (name.startsWith("SQLITE_FULL")) {
            return LibraryWords.of("database.the-disk-is-full-what", file);
        }
        if (name.startsWith("SQLITE_IOERR")) {
            return LibraryWords.of("database.could-not-be-read-or", file);
        }
        if (name.startsWith("SQLITE_READONLY") || name.startsWith("SQLITE_CANTOPEN")) {
            return LibraryWords.of("database.cannot-be-written-what-was", file);
        }
        if (name.startsWith("SQLITE_CORRUPT") || name.startsWith("SQLITE_NOTADB")) {
            return LibraryWords.of("database.is-damaged-and-was-left", file, copies(file));
        }
        if (name.startsWith("SQLITE_BUSY") || name.startsWith("SQLITE_LOCKED")) {
            return LibraryWords.of("database.is-in-use-by-another", file);
        }
        return LibraryWords.of("database.the-library-could-not-be-used", file, code.message);
    }
}
