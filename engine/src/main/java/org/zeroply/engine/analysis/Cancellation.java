package org.zeroply.engine.analysis;

/** A request to stop work, made by one thread and seen by others. */
public final class Cancellation {

    private final Cancellation outer;
    private volatile boolean cancelled;

    /** A request of its own. */
    public Cancellation() {
        this(null);
    }

    /** A request for a part of some work: it counts as made when the whole is to stop. */
    public Cancellation(Cancellation outer) {
        this.outer = outer;
    }

    /** Asks the work to stop soon. */
    public void cancel() {
        cancelled = true;
    }

    /** Whether the work was asked to stop. */
    public boolean isCancelled() {
        return cancelled || outer != null && outer.isCancelled();
    }
}
