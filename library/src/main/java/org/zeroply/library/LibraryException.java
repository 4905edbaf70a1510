package org.zeroply.library;

/** Something is wrong with a library file. The message says what, what is safe, and what to do. */
public final class LibraryException extends RuntimeException {

    public LibraryException(String message) {
        super(message);
    }

    public LibraryException(String message, Throwable cause) {
        super(message, cause);
    }
}
