package org.zeroply.engine.analysis;

/** A request to stop work, made by one thread and seen by others. */
public final class Cancellation {

    private volatile boolean cancelled;

    /** Asks the work to stop soon. */
    public void cancel() {
        cancelled = true;
    }

    /** Whether the work was asked to stop. */
    public boolean isCancelled() {
        return cancelled;
    }
}
