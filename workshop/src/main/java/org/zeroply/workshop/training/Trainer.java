package org.zeroply.workshop.training;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import org.zeroply.workshop.selfplay.JudgedPosition;

/** Learns a network from a set of positions. The same set, seed and threads give the same one. */
final class Trainer implements AutoCloseable {

    private static final int BATCH = 1024;
    private static final double LAST_RATE = 0.01;

    /** About so many positions come of one with its surroundings. */
    private static final int AROUND = 8;

    private final TrainingSet set;
    private final Adam adam;
    private final Pass[] passes;
    private final NetworkParameters[] gradients;
    private final ExecutorService workers;

    /** What is learnt from instead of the positions themselves; empty for those. */
    private final List<Surroundings> surroundings = new ArrayList<>();

    Trainer(TrainingSet set, NetworkParameters parameters, Goal goal, int threads) {
        this.set = set;
        adam = new Adam(parameters);
        passes = new Pass[threads];
        gradients = new NetworkParameters[threads];
        for (int t = 0; t < threads; t++) {
            passes[t] = new Pass(parameters, goal);
            gradients[t] = new NetworkParameters(parameters.hidden);
        }
        workers = Executors.newFixedThreadPool(threads);
    }

    /** Learns what the terms say around the positions instead of what searches said of them. */
    void learnTerms(long seed) {
        for (int t = 0; t < passes.length; t++) {
            surroundings.add(new Surroundings(seed * passes.length + t));
        }
    }

    /**
     * Goes through the set once.
     *
     * @param round number of the round, from 0
     * @param rounds how many there will be: steps become smaller towards the last one
     * @param rate of the first steps
     * @return mean loss on the way
     */
    double round(int round, int rounds, double rate) {
        int[] order = set.shuffled(round + 1);
        int batch = surroundings.isEmpty() ? BATCH : BATCH / AROUND;
        DoubleSummaryStatistics losses = new DoubleSummaryStatistics();
        for (int from = 0; from < order.length; from += batch) {
            int to = Math.min(order.length, from + batch);
            int begin = from;
            DoubleSummaryStatistics ofBatch =
                    together(t -> learn(order, part(begin, to, t), part(begin, to, t + 1), t));
            double done = (round + (double) from / order.length) / rounds;
            double share = (1 + Math.cos(Math.PI * done)) / 2;
            int count = (int) ofBatch.getCount();
            adam.step(gradients, count, rate * (LAST_RATE + (1 - LAST_RATE) * share));
            losses.combine(ofBatch);
        }
        return losses.getAverage();
    }

    /** Mean loss on the positions that are not learnt from. */
    double lossAside() {
        int[] aside = set.aside();
        int all = aside.length;
        return together(t -> loss(aside, part(0, all, t), part(0, all, t + 1), t)).getAverage();
    }

    private DoubleSummaryStatistics learn(int[] order, int from, int to, int thread) {
        DoubleSummaryStatistics losses = new DoubleSummaryStatistics();
        each(
                order,
                from,
                to,
                thread,
                p -> losses.accept(passes[thread].learn(p, gradients[thread])));
        return losses;
    }

    private DoubleSummaryStatistics loss(int[] order, int from, int to, int thread) {
        DoubleSummaryStatistics losses = new DoubleSummaryStatistics();
        each(order, from, to, thread, p -> losses.accept(passes[thread].loss(p)));
        return losses;
    }

    private void each(
            int[] order, int from, int to, int thread, Consumer<JudgedPosition> listener) {
        for (int i = from; i < to; i++) {
            JudgedPosition position = set.get(order[i]);
            if (surroundings.isEmpty()) {
                listener.accept(position);
            } else {
                surroundings.get(thread).tell(position, listener);
            }
        }
    }

    private int part(int from, int to, int thread) {
        return from + (int) ((long) (to - from) * thread / passes.length);
    }

    private interface Work {
        DoubleSummaryStatistics of(int thread);
    }

    /** The losses of all threads, added up in their order. */
    private DoubleSummaryStatistics together(Work work) {
        List<Future<DoubleSummaryStatistics>> parts = new ArrayList<>();
        for (int t = 0; t < passes.length; t++) {
            int thread = t;
            parts.add(workers.submit(() -> work.of(thread)));
        }
        DoubleSummaryStatistics losses = new DoubleSummaryStatistics();
        try {
            for (Future<DoubleSummaryStatistics> part : parts) {
                losses.combine(part.get());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
        return losses;
    }

    @Override
    public void close() {
        workers.shutdownNow();
    }
}
