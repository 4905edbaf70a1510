package org.zeroply.engine.analysis;

import java.util.concurrent.TimeUnit;

/** A request to stop work, made by one thread and seen by others. */
public final class Cancellation {

    /** No time is as long as this, in milliseconds and in nanoseconds. */
    public static final long NEVER = Long.MAX_VALUE;

    private final Cancellation outer;
    private final long began = System.nanoTime();

    /** Nanoseconds from {@link #began} on after which the request counts as made. */
    private final long nanos;

    private volatile boolean cancelled;

    /** A request of its own. */
    public Cancellation() {
        this(null);
    }

    /** A request for a part of some work: it counts as made when the whole is to stop. */
    public Cancellation(Cancellation outer) {
        this(outer, NEVER);
    }

    private Cancellation(Cancellation outer, long nanos) {
        this.outer = outer;
        this.nanos = nanos;
    }

    /**
     * A request for a part of some work that makes itself when its time is up.
     *
     * @param millis time for the part, from now on; {@link #NEVER} for as long as it takes
     */
    public static Cancellation after(long millis, Cancellation outer) {
        return new Cancellation(outer, TimeUnit.MILLISECONDS.toNanos(millis));
    }

    /** Asks the work to stop soon. */
    public void cancel() {
        cancelled = true;
    }

    /** Whether the work was asked to stop. */
    public boolean isCancelled() {
        return cancelled
                || outer != null && outer.isCancelled()
                || nanos != NEVER && System.nanoTime() - began >= nanos;
    }
}
