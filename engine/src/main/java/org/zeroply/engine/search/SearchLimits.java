package org.zeroply.engine.search;

import org.zeroply.engine.analysis.Cancellation;

/**
 * When a searching thread has to stop.
 *
 * @param nodes positions it may visit
 * @param deadline the moment of {@link System#nanoTime} at which it ends
 */
record SearchLimits(long nodes, long deadline, Cancellation cancellation) {

    boolean isReached(long visited) {
        return visited >= nodes
                || cancellation.isCancelled()
                || deadline != Long.MAX_VALUE && System.nanoTime() - deadline >= 0;
    }
}
