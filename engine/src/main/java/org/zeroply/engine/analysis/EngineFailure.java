package org.zeroply.engine.analysis;

/** An engine that cannot go on: it ended, fell silent, or answered what makes no sense. */
public final class EngineFailure extends RuntimeException {

    private static final long serialVersionUID = 1;

    /**
     * @param message what happened, for the person who reads it
     */
    public EngineFailure(String message) {
        super(message);
    }

    /**
     * @param message what happened, for the person who reads it
     */
    public EngineFailure(String message, Throwable cause) {
        super(message, cause);
    }
}
