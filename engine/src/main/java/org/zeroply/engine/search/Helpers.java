package org.zeroply.engine.search;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;

/**
 * Threads that search the same moves on the shared table, each a little differently, and so fill it
 * for the main thread. Close it to stop and await them.
 */
final class Helpers implements AutoCloseable {

    private final List<Thread> threads = new ArrayList<>();
    private final List<SearchState> states;
    private final Cancellation done = new Cancellation();

    /**
     * Starts one thread for each state.
     *
     * @param roots the root moves to search
     */
    Helpers(List<SearchState> states, Board board, int[] roots, TranspositionTable table) {
        this.states = List.copyOf(states);
        for (int i = 0; i < states.size(); i++) {
            SearchState state = states.get(i);
            state.begin(
                    board, table, new SearchLimits(Long.MAX_VALUE, Long.MAX_VALUE, done), false);
            state.limited = true;
            int first = 1 + (i + 1) % 2;
            int[] own = roots.clone();
            Thread thread = new Thread(() -> help(state, own, first), "search-helper-" + i);
            thread.setDaemon(true);
            threads.add(thread);
        }
        threads.forEach(Thread::start);
    }

    private static void help(SearchState state, int[] roots, int first) {
        RootSearch search = new RootSearch(state, m -> {});
        int guess = 0;
        for (int depth = first; depth <= Limits.MAX_DEPTH && !state.stopped; depth++) {
            guess = search.search(roots, 0, depth, guess);
        }
    }

    /** Positions the helpers visited, not quite up to date while they work. */
    long nodes() {
        return states.stream().mapToLong(s -> s.nodes).sum();
    }

    @Override
    public void close() {
        done.cancel();
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
