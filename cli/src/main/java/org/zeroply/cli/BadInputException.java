package org.zeroply.cli;

/** The input of a command is bad; the message says why. */
final class BadInputException extends RuntimeException {

    BadInputException(String message) {
        super(message);
    }
}
