package org.zeroply.workshop.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.tuning.RandomOpenings;

/**
 * A match of two contestants over random openings, each played with both colours, several games at
 * a time.
 */
public final class Match {

    private static final int WARM_UP_MOVES = 4;
    private static final long WARM_UP_MILLIS = 2000;

    private final Supplier<Contestant> first;
    private final Supplier<Contestant> second;
    private final RandomOpenings openings;
    private final long seed;

    /**
     * @param first makes the first contestant, once for each thread
     * @param second makes the second contestant, once for each thread
     * @param seed of the openings
     */
    public Match(
            Supplier<Contestant> first,
            Supplier<Contestant> second,
            RandomOpenings openings,
            long seed) {
        this.first = first;
        this.second = second;
        this.openings = openings;
        this.seed = seed;
    }

    /**
     * Plays until all pairs are played or the work is cancelled.
     *
     * @param threads games at a time
     * @param watcher told of every pair
     * @throws IllegalStateException if a contestant failed; the cause says how
     */
    public MatchResult play(
            int pairs, int threads, MatchWatcher watcher, Cancellation cancellation) {
        AtomicInteger next = new AtomicInteger();
        Tally tally = new Tally();
        AtomicReference<RuntimeException> failure = new AtomicReference<>();
        List<Thread> workers = new ArrayList<>();
        for (int t = 0; t < threads; t++) {
            Thread worker =
                    new Thread(
                            () -> {
                                try {
                                    work(pairs, next, tally, watcher, cancellation);
                                } catch (RuntimeException e) {
                                    failure.compareAndSet(null, e);
                                    cancellation.cancel();
                                }
                            },
                            "match-" + t);
            worker.setDaemon(true);
            worker.start();
            workers.add(worker);
        }
        for (Thread worker : workers) {
            try {
                worker.join();
            } catch (InterruptedException e) {
                cancellation.cancel();
                Thread.currentThread().interrupt();
            }
        }
        if (failure.get() != null) {
            throw new IllegalStateException("a contestant failed", failure.get());
        }
        return tally.result();
    }

    private void work(
            int pairs,
            AtomicInteger next,
            Tally tally,
            MatchWatcher watcher,
            Cancellation cancellation) {
        Contestant one = first.get();
        Contestant two = second.get();
        warmUp(one, cancellation);
        warmUp(two, cancellation);
        while (!cancellation.isCancelled()) {
            int pair = next.getAndIncrement();
            if (pair >= pairs) {
                return;
            }
            List<Move> opening;
            synchronized (openings) {
                opening = openings.opening(seed + pair);
            }
            MatchGame asWhite = game(one, two, opening, cancellation);
            MatchGame asBlack = game(two, one, opening, cancellation);
            if (!cancellation.isCancelled()) {
                tally.add(asWhite, asBlack, watcher);
            }
        }
    }

    /** A game into which neither side brings anything from those before. */
    private static MatchGame game(
            Contestant white, Contestant black, List<Move> opening, Cancellation cancellation) {
        white.engine().forget();
        black.engine().forget();
        return MatchGame.play(white, black, opening, cancellation);
    }

    /**
     * A virtual machine is slow at first: with a limit of time both get a few moves beforehand that
     * do not count.
     */
    private static void warmUp(Contestant player, Cancellation cancellation) {
        if (player.limits().millis() == Long.MAX_VALUE) {
            return;
        }
        for (int i = 0; i < WARM_UP_MOVES && !cancellation.isCancelled(); i++) {
            player.engine()
                    .analyse(
                            AnalysisRequest.of(Position.START, Limits.millis(WARM_UP_MILLIS)),
                            a -> {},
                            cancellation);
            player.engine().forget();
        }
    }

    private static final class Tally {
        private final int[] games = new int[3];
        private final List<Integer> pairs = new ArrayList<>(Collections.nCopies(5, 0));

        synchronized void add(MatchGame asWhite, MatchGame asBlack, MatchWatcher watcher) {
            double a = asWhite.outcome().points();
            double b = 1 - asBlack.outcome().points();
            games[(int) (2 * a)]++;
            games[(int) (2 * b)]++;
            int index = (int) (2 * (a + b));
            pairs.set(index, pairs.get(index) + 1);
            watcher.pair(asWhite, asBlack, result());
        }

        synchronized MatchResult result() {
            return new MatchResult(games[2], games[1], games[0], pairs);
        }
    }
}
