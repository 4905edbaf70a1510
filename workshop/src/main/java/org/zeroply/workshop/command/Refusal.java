package org.zeroply.workshop.command;

/** What was asked for cannot be done; the message is one sentence that says why. */
public final class Refusal extends RuntimeException {

    /** With that sentence. */
    public Refusal(String message) {
        super(message);
    }
}
