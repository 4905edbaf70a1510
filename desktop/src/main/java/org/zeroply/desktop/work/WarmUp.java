package org.zeroply.desktop.work;

import org.zeroply.engine.search.BuiltInEngine;

/**
 * Gets the engine ready in the background, so that the first analysis of a lesson is a fast one.
 */
public final class WarmUp {

    private WarmUp() {}

    /**
     * Begins where nothing else is at work that is not needed to begin with.
     *
     * @return tells how many positions were visited
     */
    public static Task<Long> begin(Scheduler scheduler) {
        return scheduler.submit(
                Scheduler.Lane.ENDINGS,
                "",
                (cancellation, told) -> BuiltInEngine.warmUp(cancellation));
    }
}
