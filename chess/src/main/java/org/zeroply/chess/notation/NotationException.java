package org.zeroply.chess.notation;

/** A text is not the notation it should be. The message is meant for the person who wrote it. */
public final class NotationException extends Exception {

    public NotationException(String message) {
        super(message);
    }
}
