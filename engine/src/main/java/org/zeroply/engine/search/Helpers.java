package org.zeroply.engine.search;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Threads that search the same root moves as the main thread on the shared table, in {@link Race}s.
 * Close it to stop and await them.
 */
final class Helpers implements AutoCloseable {

    private final List<Thread> threads = new ArrayList<>();
    private final List<SearchState> states;
    private final Cancellation done = new Cancellation();
    private Race current;

    /** Starts one thread for each state. */
    Helpers(List<SearchState> states, Board board, TranspositionTable table) {
        this.states = List.copyOf(states);
        SearchLimits until = new SearchLimits(Long.MAX_VALUE, Long.MAX_VALUE, done);
        for (SearchState state : states) {
            state.begin(board, table, until, false);
            state.limited = true;
            Thread thread = new Thread(() -> help(state), "search-helper-" + threads.size());
            thread.setDaemon(true);
            threads.add(thread);
        }
        threads.forEach(Thread::start);
    }

    /** A race in which the helpers take part; what they ran before is given up. */
    synchronized Race race(Race.Course course) {
        if (states.isEmpty()) {
            return new Race(course);
        }
        current = new Race(course, new Underway());
        notifyAll();
        return current;
    }

    private void help(SearchState state) {
        RootSearch search = new RootSearch(state, m -> {});
        Race race = next(null);
        while (!done.isCancelled()) {
            state.stopped = false;
            race.run(search, state);
            race = next(race);
        }
    }

    /** Waits for another race than the last one. */
    private synchronized Race next(Race last) {
        while (current == last && !done.isCancelled()) {
            try {
                wait();
            } catch (InterruptedException e) {
                done.cancel();
                Thread.currentThread().interrupt();
            }
        }
        return current;
    }

    /** Positions the helpers visited, not quite up to date while they work. */
    long nodes() {
        return states.stream().mapToLong(s -> s.nodes).sum();
    }

    @Override
    public void close() {
        done.cancel();
        synchronized (this) {
            notifyAll();
        }
        boolean interrupted = false;
        for (Thread thread : threads) {
            while (thread.isAlive()) {
                try {
                    thread.join();
                } catch (InterruptedException e) {
                    interrupted = true;
                }
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
