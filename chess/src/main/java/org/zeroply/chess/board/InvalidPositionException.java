package org.zeroply.chess.board;

/**
 * A text does not describe a possible position. The message says why, for the person who reads it.
 */
public final class InvalidPositionException extends IllegalArgumentException {

    public InvalidPositionException(String message) {
        super(message);
    }
}
