package org.zeroply.engine.search;

import java.util.Optional;

/**
 * One search of the root that several threads run side by side, sharing what they find; the first
 * to finish it decides it for all.
 *
 * @see Helpers
 */
final class Race {

    /** A root search to be run: see {@link RootSearch#search}. */
    record Course(int[] roots, int from, int depth, int guess) {}

    /** What the first to finish found: the score, the best line, and the root moves in order. */
    record Finish(int score, int[] line, int[] roots) {}

    private final Course course;
    private volatile Finish finish;

    Race(Course course) {
        this.course = course;
    }

    Course course() {
        return course;
    }

    boolean isDecided() {
        return finish != null;
    }

    /** Hands in a result; only the first one counts. */
    synchronized void finish(Finish result) {
        if (finish == null) {
            finish = result;
        }
    }

    /** The result, once there is one. */
    Optional<Finish> result() {
        return Optional.ofNullable(finish);
    }
}
