package org.zeroply.engine.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;

/** Our own engine. One analysis at a time; a second call waits for the first. */
public final class BuiltInEngine implements Engine {

    /** Name and version in stamps; changes whenever the same request could give another answer. */
    public static final String NAME = "zeroply-0.1";

    private final TranspositionTable table;

    /**
     * @param megabytes memory for remembered positions, in MiB, 1 to 8192
     */
    public BuiltInEngine(int megabytes) {
        table = new TranspositionTable(Math.max(1, Math.min(megabytes, 8192)));
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public synchronized Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        long began = System.nanoTime();
        if (request.limits().isDeterministic() && request.threads() == 1) {
            table.clear();
        }
        table.nextSearch();
        Board board = request.start().toBoard();
        request.moves().forEach(m -> board.make(m.packed()));
        int[] roots = roots(request, Position.of(board));
        if (roots.length == 0) {
            return new Analysis(List.of(), List.of(), 0, 0, 0);
        }
        Cancellation helpersDone = new Cancellation();
        List<Thread> helpers = startHelpers(request, board, roots, helpersDone);
        try {
            return new Deepening(request, board, listener, cancellation, began).run(roots);
        } finally {
            helpersDone.cancel();
            for (Thread helper : helpers) {
                joinQuietly(helper);
            }
        }
    }

    private static int[] roots(AnalysisRequest request, Position position) {
        List<Move> legal = position.legalMoves();
        return legal.stream()
                .filter(m -> request.rootMoves().isEmpty() || request.rootMoves().contains(m))
                .mapToInt(Move::packed)
                .toArray();
    }

    /** Helpers search the same moves on the shared table and so fill it for the main thread. */
    private List<Thread> startHelpers(
            AnalysisRequest request, Board board, int[] roots, Cancellation done) {
        List<Thread> helpers = new ArrayList<>();
        for (int i = 1; i < request.threads(); i++) {
            int first = 1 + i % 2;
            Search search = new Search(board.copy(), table, done, Long.MAX_VALUE, Long.MAX_VALUE);
            int[] own = roots.clone();
            Thread thread =
                    new Thread(
                            () -> {
                                int guess = 0;
                                for (int d = first; d <= Limits.MAX_DEPTH; d++) {
                                    if (search.isStopped()) {
                                        return;
                                    }
                                    guess = search.root(own, 0, d, guess);
                                }
                            },
                            "search-helper-" + i);
            thread.setDaemon(true);
            thread.start();
            helpers.add(thread);
        }
        return helpers;
    }

    private static void joinQuietly(Thread thread) {
        try {
            thread.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** One analysis: depth after depth, and at each depth line after line. */
    private final class Deepening {
        private final AnalysisRequest request;
        private final AnalysisListener listener;
        private final Cancellation cancellation;
        private final long began;
        private final Search search;
        private final List<Analysis.DepthBest> byDepth = new ArrayList<>();
        private List<Analysis.Candidate> best = List.of();

        Deepening(
                AnalysisRequest request,
                Board board,
                AnalysisListener listener,
                Cancellation cancellation,
                long began) {
            this.request = request;
            this.listener = listener;
            this.cancellation = cancellation;
            this.began = began;
            long millis = request.limits().millis();
            long deadline =
                    millis == Long.MAX_VALUE
                            ? Long.MAX_VALUE
                            : began + TimeUnit.MILLISECONDS.toNanos(millis);
            search = new Search(board, table, cancellation, request.limits().nodes(), deadline);
        }

        Analysis run(int[] roots) {
            int lines = Math.min(request.lines(), roots.length);
            int finished = 0;
            for (int depth = 1; depth <= request.limits().depth(); depth++) {
                List<Analysis.Candidate> found = depth(roots, lines, depth);
                if (search.isStopped()) {
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
                int guess =
                        k < best.size() && best.get(k).score() instanceof Score.Centipawns c
                                ? c.value()
                                : 0;
                int score = search.root(roots, k, depth, guess);
                int[] line = search.line();
                if (line.length == 0) {
                    break;
                }
                if (!search.isStopped() || k == 0 && isNewBest(line[0], score)) {
                    found.add(candidate(line, score, depth));
                }
                if (search.isStopped()) {
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

        /** A mate as short as the depth cannot be improved. */
        private boolean isDecided(int depth) {
            return best.stream()
                    .allMatch(
                            c ->
                                    c.score() instanceof Score.Mate m
                                            && 2 * Math.abs(m.moves()) + 1 < depth);
        }

        private Analysis.Candidate candidate(int[] line, int score, int depth) {
            List<Move> moves = Arrays.stream(line).mapToObj(Move::new).toList();
            return new Analysis.Candidate(moves.get(0), score(score), depth, moves);
        }

        private Analysis result(int depth) {
            long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
            return new Analysis(best, byDepth, depth, search.nodes(), millis);
        }
    }

    /** Turns the search's numbers into a score: distances to mate are counted in moves. */
    static Score score(int value) {
        if (value >= Search.MATE_BOUND) {
            return new Score.Mate((Search.MATE - value + 1) / 2);
        }
        if (value <= -Search.MATE_BOUND) {
            return new Score.Mate(-((Search.MATE + value + 1) / 2));
        }
        return new Score.Centipawns(value);
    }
}
