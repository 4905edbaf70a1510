package org.zeroply.engine.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/** One analysis: depth after depth, and at each depth line after line. */
final class Deepening {

    /** Shallower searches are over before a helper wakes up. */
    private static final int FIRST_SHARED_DEPTH = 6;

    private final AnalysisRequest request;
    private final AnalysisListener listener;
    private final Cancellation cancellation;
    private final long began;
    private final SearchState state;
    private final RootSearch search;
    private final ExpectedScore curve;
    private final List<Analysis.DepthBest> byDepth = new ArrayList<>();
    private List<Analysis.Candidate> best = List.of();
    private Helpers helpers;

    Deepening(
            AnalysisRequest request,
            SearchState state,
            AnalysisListener listener,
            Cancellation cancellation,
            long began) {
        this.request = request;
        this.listener = listener;
        this.cancellation = cancellation;
        this.began = began;
        this.state = state;
        curve = ExpectedScore.at(state.board);
        search =
                new RootSearch(
                        state,
                        m -> listener.begins(new Move((int) m), (int) (m >>> 32), state.count()));
    }

    Analysis run(int[] roots, Helpers sideBySide) {
        helpers = sideBySide;
        int lines = Math.min(request.lines(), roots.length);
        int finished = 0;
        for (int depth = 1; depth <= request.limits().depth(); depth++) {
            List<Analysis.Candidate> found = depth(roots, lines, depth);
            if (state.stopped) {
                best = merge(found);
                break;
            }
            best = found;
            finished = depth;
            byDepth.add(new Analysis.DepthBest(depth, best.get(0).move(), best.get(0).score()));
            listener.found(result(finished));
            if (isDecided(depth) || cancellation.isCancelled()) {
                break;
            }
        }
        return result(finished);
    }

    private List<Analysis.Candidate> depth(int[] roots, int lines, int depth) {
        List<Analysis.Candidate> found = new ArrayList<>();
        for (int k = 0; k < lines; k++) {
            Race.Finish reached = search(roots, k, depth);
            int score = reached.score();
            int[] line = reached.line();
            if (line.length == 0) {
                break;
            }
            if (!state.stopped || k == 0 && isNewBest(line[0], score)) {
                found.add(candidate(line, score, depth));
            }
            if (state.stopped) {
                break;
            }
        }
        found.sort(Comparator.comparing(Analysis.Candidate::score).reversed());
        // The order found is the order in which the next depth begins.
        for (int k = 0; k < found.size(); k++) {
            roots[k] = found.get(k).move().packed();
        }
        return found;
    }

    /** Searches once; with helpers, what counts is what the first of all threads found. */
    private Race.Finish search(int[] roots, int from, int depth) {
        Race race = new Race(new Race.Course(roots.clone(), from, depth, guess(from)));
        if (depth >= FIRST_SHARED_DEPTH) {
            helpers.join(race);
        }
        Race.Finish own = race.run(search, state);
        state.stopped = !race.isDecided();
        Race.Finish first = race.result().orElse(own);
        System.arraycopy(first.roots(), 0, roots, 0, roots.length);
        return first;
    }

    private int guess(int k) {
        return k < best.size() ? value(best.get(k).score()) : 0;
    }

    /** The number of the search that {@link #score} turned into a score. */
    private static int value(Score score) {
        if (score instanceof Score.Mate m) {
            return m.moves() > 0
                    ? SearchState.MATE - 2 * m.moves() + 1
                    : -SearchState.MATE - 2 * m.moves();
        }
        return score.ordinal();
    }

    /** A depth that was cut short still counts when it had already found a better move. */
    private boolean isNewBest(int move, int score) {
        return best.isEmpty()
                || best.get(0).move().packed() != move
                        && score(score).compareTo(best.get(0).score()) > 0;
    }

    private List<Analysis.Candidate> merge(List<Analysis.Candidate> found) {
        List<Analysis.Candidate> merged = new ArrayList<>(found);
        for (Analysis.Candidate old : best) {
            if (merged.stream().noneMatch(c -> c.move().equals(old.move()))) {
                merged.add(old);
            }
        }
        int lines = Math.max(best.size(), 1);
        return merged.subList(0, Math.min(merged.size(), lines));
    }

    /** Pruning can hide the shortest mate for some depths; beyond these nothing shorter comes. */
    private boolean isDecided(int depth) {
        return best.stream()
                .allMatch(
                        c ->
                                c.score() instanceof Score.Mate m
                                        && 4 * Math.abs(m.moves()) + 4 < depth);
    }

    private Analysis.Candidate candidate(int[] line, int value, int depth) {
        List<Move> moves = new ArrayList<>();
        Arrays.stream(line).forEach(m -> moves.add(new Move(m)));
        moves.addAll(state.exactLine(line));
        Score score = score(value);
        return new Analysis.Candidate(
                moves.get(0), score, curve.of(score), depth, state.deepest, moves);
    }

    private Analysis result(int depth) {
        long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        long nodes = state.count() + helpers.nodes();
        return new Analysis(best, byDepth, depth, nodes, millis, state.table.fullness());
    }

    /** Turns the search's numbers into a score: distances to mate are counted in moves. */
    static Score score(int value) {
        if (value >= SearchState.MATE_BOUND) {
            return new Score.Mate((SearchState.MATE - value + 1) / 2);
        }
        if (value <= -SearchState.MATE_BOUND) {
            return new Score.Mate(-((SearchState.MATE + value + 1) / 2));
        }
        return new Score.Centipawns(value);
    }
}
