package org.zeroply.cli.console;

/** The input of a command is bad; the message says why. */
public final class BadInputException extends RuntimeException {

    public BadInputException(String message) {
        super(message);
    }
}
