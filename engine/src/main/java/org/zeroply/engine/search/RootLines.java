package org.zeroply.engine.search;

import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.AnalysisListener;

/**
 * The lines of a root, searched one after the other. Where the lines beside the first have a memory
 * of their own, the first is found as if it were looked for alone.
 */
final class RootLines {

    private final SearchState first;
    private final SearchState others;
    private final RootSearch firstSearch;
    private final RootSearch otherSearch;

    /** The moves of the root in the order found by the search of the first line. */
    private final int[] order;

    /** The same for the lines beside it; the same array where the memory is the same. */
    private final int[] orderBeside;

    private final Helpers helpers;
    private final AnalysisListener listener;
    private long most;
    private boolean stopped;

    /**
     * @param first what the first line is searched with
     * @param others what the lines beside it are searched with; it may be the same
     * @param roots moves to choose from, packed
     * @param most positions to visit in all, for now
     * @param listener told of every move begun
     */
    RootLines(
            SearchState first,
            SearchState others,
            int[] roots,
            long most,
            Helpers helpers,
            AnalysisListener listener) {
        this.first = first;
        this.others = others;
        this.listener = listener;
        firstSearch = new RootSearch(first, this::begins);
        otherSearch = isApart() ? new RootSearch(others, this::begins) : firstSearch;
        order = roots;
        orderBeside = isApart() ? roots.clone() : roots;
        this.most = most;
        this.helpers = helpers;
    }

    private void begins(long numbered) {
        listener.begins(new Move((int) numbered), (int) (numbered >>> 32), count());
    }

    /** How many moves there are to choose from. */
    int size() {
        return order.length;
    }

    /** Whether the first line has a memory of its own. */
    boolean isApart() {
        return first != others;
    }

    /**
     * Searches a line once; with helpers, what counts is what the first of all threads found.
     *
     * @param k number of the line, from 0; those before it were searched to this depth
     * @param shared whether helpers take part
     */
    Race.Finish search(int k, int depth, int guess, Proofs proofs, boolean shared) {
        SearchState state = k == 0 ? first : others;
        int[] roots = k == 0 ? order : orderBeside;
        if (k > 0) {
            toFront(orderBeside, order[0]);
        }
        if (isApart()) {
            state.until(most - (k == 0 ? others : first).count());
        }
        Race.Course course = new Race.Course(roots.clone(), k, depth, guess, proofs);
        Race race = shared ? helpers.race(course) : new Race(course);
        state.stopped = false;
        Race.Finish own = race.run(k == 0 ? firstSearch : otherSearch, state);
        stopped = !race.isDecided();
        Race.Finish found = race.result().orElse(own);
        System.arraycopy(found.roots(), 0, roots, 0, roots.length);
        return found;
    }

    /** The move that a line begins its next search with, packed. */
    int move(int k) {
        return k == 0 ? order[0] : orderBeside[k];
    }

    /** The order found is the order in which the next depth begins. */
    void arrange(List<Move> best) {
        for (int k = best.size() - 1; k >= 0; k--) {
            toFront(orderBeside, best.get(k).packed());
        }
    }

    private static void toFront(int[] moves, int move) {
        int at = 0;
        while (at < moves.length - 1 && moves[at] != move) {
            at++;
        }
        System.arraycopy(moves, 0, moves, 1, at);
        moves[0] = move;
    }

    /** Whether a limit was reached, or the work cancelled. */
    boolean isStopped() {
        return stopped;
    }

    /** Goes on, to so many positions in all. */
    void goOn(long positions) {
        most = positions;
        first.until(positions);
        stopped = false;
    }

    /** Lets the next search of each memory come to its end whatever the limits. */
    void disregardLimits() {
        first.limited = false;
        others.limited = false;
        stopped = false;
    }

    /** Nothing more is to be searched. */
    void stop() {
        stopped = true;
    }

    /** Positions visited so far, without those of helpers. */
    long count() {
        return first.count() + (isApart() ? others.count() : 0);
    }

    /** The same with those of helpers, not quite up to date while they work. */
    long countOfAll() {
        return count() + helpers.nodes();
    }

    /** Counts positions that were visited beside the search. */
    void spend(long more) {
        first.spend(more);
    }

    /** The most plies looked ahead anywhere. */
    int deepest() {
        return Math.max(first.deepest, others.deepest);
    }

    /** How full the table is, in thousandths. */
    int fullness() {
        return first.table.fullness();
    }

    /** How a line goes on to the mate when it ends in an ending that is known. */
    List<Move> exactLine(int[] line) {
        return first.exactLine(line);
    }
}
