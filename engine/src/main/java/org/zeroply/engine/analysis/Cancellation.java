package org.zeroply.engine.analysis;

import java.util.concurrent.TimeUnit;

/** A request to stop work, made by one thread and seen by others. */
public final class Cancellation {

    private static final long NEVER = Long.MAX_VALUE;

    /** The clock may begin anywhere, so time is counted from here. */
    private static final long BEGAN = System.nanoTime();

    private final Cancellation outer;

    /** Nanoseconds since {@link #BEGAN}, or {@link #NEVER}. */
    private final long deadline;

    private volatile boolean cancelled;

    /** A request of its own. */
    public Cancellation() {
        this(null);
    }

    /** A request for a part of some work: it counts as made when the whole is to stop. */
    public Cancellation(Cancellation outer) {
        this(outer, NEVER);
    }

    private Cancellation(Cancellation outer, long deadline) {
        this.outer = outer;
        this.deadline = deadline;
    }

    /**
     * A request for a part of some work that makes itself when its time is up.
     *
     * @param millis time for the part, from now on
     */
    public static Cancellation after(long millis, Cancellation outer) {
        return new Cancellation(
                outer, System.nanoTime() - BEGAN + TimeUnit.MILLISECONDS.toNanos(millis));
    }

    /** Asks the work to stop soon. */
    public void cancel() {
        cancelled = true;
    }

    /** Whether the work was asked to stop. */
    public boolean isCancelled() {
        return cancelled
                || outer != null && outer.isCancelled()
                || deadline != NEVER && System.nanoTime() - BEGAN >= deadline;
    }
}
