package org.zeroply.workshop.match;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.workshop.command.SideBySideWork;

/**
 * Two engines choose a move in each of many positions, and where they choose differently a longer
 * search judges both moves. A match tells a small change from chance only after many hours; this
 * tells in minutes what it brings in points, though not what it brings in games.
 *
 * @param first makes the first engine, once for each thread
 * @param second makes the second engine, once for each thread
 * @param judge makes what judges the moves, once for each thread; fair if it is neither of the two
 * @param nodes for a choice
 * @param judgeNodes for a judgement
 */
public record ChoiceComparison(
        Supplier<Engine> first,
        Supplier<Engine> second,
        Supplier<Engine> judge,
        long nodes,
        long judgeNodes) {

    /**
     * What came of it.
     *
     * @param positions looked at
     * @param different in how many of them the two chose differently
     * @param sum expected score that the first engine's moves have more than the second's
     * @param squares sum of the squares of what each move has more
     */
    public record Outcome(int positions, int different, double sum, double squares) {

        static final Outcome NONE = new Outcome(0, 0, 0, 0);

        Outcome with(boolean differs, double gain) {
            return new Outcome(
                    positions + 1,
                    different + (differs ? 1 : 0),
                    sum + gain,
                    squares + gain * gain);
        }

        /** Points of a game that the first engine gains in a hundred moves. */
        public double points() {
            return positions == 0 ? 0 : 100 * sum / positions;
        }

        /** Standard error of {@link #points}. */
        public double error() {
            if (positions == 0) {
                return 0;
            }
            double mean = sum / positions;
            double variance = Math.max(0, squares / positions - mean * mean);
            return 100 * Math.sqrt(variance / positions);
        }
    }

    /**
     * Looks at all positions, or until it is cancelled.
     *
     * @param threads positions at a time
     * @param watcher told of what came of it so far, after each position
     * @throws IOException if it was interrupted
     * @throws EngineFailure if an engine failed
     */
    public Outcome look(
            List<Position> positions,
            int threads,
            Consumer<Outcome> watcher,
            Cancellation cancellation)
            throws IOException {
        AtomicInteger next = new AtomicInteger();
        Tally tally = new Tally(watcher);
        try {
            SideBySideWork.run(threads, thread -> workOrStop(positions, next, tally, cancellation));
        } catch (IllegalStateException e) {
            throw e.getCause() instanceof EngineFailure failure ? failure : e;
        }
        return tally.outcome;
    }

    /** Where one fails, the others need not go on. */
    private void workOrStop(
            List<Position> positions, AtomicInteger next, Tally tally, Cancellation cancellation) {
        try {
            work(positions, next, tally, cancellation);
        } catch (RuntimeException e) {
            cancellation.cancel();
            throw e;
        }
    }

    private void work(
            List<Position> positions, AtomicInteger next, Tally tally, Cancellation cancellation) {
        Engine one = first.get();
        Engine two = second.get();
        Engine judges = judge.get();
        int i = next.getAndIncrement();
        while (i < positions.size() && !cancellation.isCancelled()) {
            Position position = positions.get(i);
            Move a = choice(one, position, cancellation);
            Move b = choice(two, position, cancellation);
            double gain =
                    a.equals(b)
                            ? 0
                            : worth(judges, position.play(a), cancellation)
                                    - worth(judges, position.play(b), cancellation);
            if (!cancellation.isCancelled()) {
                tally.add(!a.equals(b), gain);
            }
            i = next.getAndIncrement();
        }
    }

    private Move choice(Engine engine, Position position, Cancellation cancellation) {
        return engine.analyse(
                        AnalysisRequest.of(position, Limits.nodes(nodes)), a -> {}, cancellation)
                .best()
                .map(Analysis.Candidate::move)
                .orElse(position.legalMoves().get(0));
    }

    /** Expected score of who has just moved. */
    private double worth(Engine judges, Position after, Cancellation cancellation) {
        if (after.legalMoves().isEmpty()) {
            return after.inCheck() ? 1 : ExpectedScore.DRAW.value();
        }
        return judges.analyse(
                        AnalysisRequest.of(after, Limits.nodes(judgeNodes)), a -> {}, cancellation)
                .best()
                .map(c -> c.expected().opponents().value())
                .orElse(ExpectedScore.DRAW.value());
    }

    private static final class Tally {
        private final Consumer<Outcome> watcher;
        private Outcome outcome = Outcome.NONE;

        Tally(Consumer<Outcome> watcher) {
            this.watcher = watcher;
        }

        synchronized void add(boolean differs, double gain) {
            outcome = outcome.with(differs, gain);
            watcher.accept(outcome);
        }
    }
}
