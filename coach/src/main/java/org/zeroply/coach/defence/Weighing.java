package org.zeroply.coach.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;

/**
 * Weighs many moves of one position, several at a time where there are several engines. Each move
 * is searched by itself, so the result is the same with one engine or many.
 */
final class Weighing {

    private final List<MoveEvaluator> evaluators;

    /**
     * @param evaluators one for each engine
     */
    Weighing(List<MoveEvaluator> evaluators) {
        this.evaluators = List.copyOf(evaluators);
    }

    /** Weighs moves on so many nodes each and hands them on in their order. */
    void each(Position position, List<Move> moves, long nodes, Consumer<Weighed> done) {
        if (evaluators.size() == 1 || moves.size() == 1) {
            MoveEvaluator evaluator = evaluators.get(0).withNodes(nodes);
            moves.forEach(m -> done.accept(evaluator.weigh(position, m)));
            return;
        }
        LinkedBlockingQueue<MoveEvaluator> free = new LinkedBlockingQueue<>(evaluators);
        ExecutorService workers = Executors.newFixedThreadPool(evaluators.size());
        try {
            List<Future<Weighed>> results = new ArrayList<>();
            for (Move move : moves) {
                results.add(workers.submit(() -> weigh(free, position, move, nodes)));
            }
            for (Future<Weighed> result : results) {
                done.accept(await(result));
            }
        } finally {
            workers.shutdownNow();
        }
    }

    private static Weighed weigh(
            LinkedBlockingQueue<MoveEvaluator> free, Position position, Move move, long nodes)
            throws InterruptedException {
        MoveEvaluator evaluator = free.take();
        try {
            return evaluator.withNodes(nodes).weigh(position, move);
        } finally {
            free.put(evaluator);
        }
    }

    private static Weighed await(Future<Weighed> result) {
        try {
            return result.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("the search was interrupted");
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        }
    }
}
