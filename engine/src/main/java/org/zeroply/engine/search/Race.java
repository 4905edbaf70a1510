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
    record Course(int[] roots, int from, int depth, int guess, Proofs proofs) {}

    /** What the first to finish found: the score, the best line, and the root moves in order. */
    record Finish(int score, int[] line, int[] roots) {}

    private final Course course;

    /** What the threads are at; null where one runs alone. */
    private final Underway underway;

    private volatile Finish finish;

    /** A race of a single thread. */
    Race(Course course) {
        this(course, null);
    }

    /**
     * @param underway what the threads that take part are at
     */
    Race(Course course, Underway underway) {
        this.course = course;
        this.underway = underway;
    }

    boolean isDecided() {
        return finish != null;
    }

    /**
     * Runs the course on the calling thread, until it is finished, decided by another or stopped.
     *
     * @return what this thread has found, whether it was the first or not
     */
    Finish run(RootSearch search, SearchState state) {
        state.race = this;
        state.underway = underway;
        state.proofs = course.proofs();
        int[] roots = course.roots().clone();
        int score = search.search(roots, course.from(), course.depth(), course.guess());
        state.race = null;
        state.underway = null;
        Finish own = new Finish(score, state.line(), roots);
        if (!state.stopped) {
            finish(own);
        }
        return own;
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
