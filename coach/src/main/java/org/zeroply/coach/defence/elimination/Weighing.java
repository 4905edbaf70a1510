package org.zeroply.coach.defence.elimination;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.evaluation.Weighed;

/**
 * Weighs many moves of one position, several at a time where there are several engines. Each move
 * is searched by itself, so the result is the same with one engine or many.
 */
final class Weighing {

    private final MoveEvaluators evaluators;

    Weighing(MoveEvaluators evaluators) {
        this.evaluators = evaluators;
    }

    /**
     * Weighs moves on so many nodes each and hands them on in their order. When one search fails or
     * is cancelled, those that have not begun are given up.
     */
    void each(Position position, List<Move> moves, long nodes, Consumer<Weighed> done) {
        if (evaluators.all().size() == 1 || moves.size() == 1) {
            MoveEvaluator evaluator = evaluators.first().withNodes(nodes);
            moves.forEach(m -> done.accept(evaluator.weigh(position, m)));
            return;
        }
        LinkedBlockingQueue<MoveEvaluator> free = new LinkedBlockingQueue<>(evaluators.all());
        AtomicBoolean over = new AtomicBoolean();
        List<CompletableFuture<Weighed>> results = new ArrayList<>();
        for (Move move : moves) {
            results.add(
                    CompletableFuture.supplyAsync(
                            () -> weigh(free, over, position, move, nodes), evaluators.threads()));
        }
        try {
            for (CompletableFuture<Weighed> result : results) {
                done.accept(await(result));
            }
        } finally {
            over.set(true);
            settle(results);
        }
    }

    /** Waits for what goes on: whoever asks next finds all engines free. */
    private static void settle(List<CompletableFuture<Weighed>> results) {
        CompletableFuture.allOf(results.toArray(CompletableFuture[]::new))
                .handle((all, failure) -> all)
                .join();
    }

    private static Weighed weigh(
            LinkedBlockingQueue<MoveEvaluator> free,
            AtomicBoolean over,
            Position position,
            Move move,
            long nodes) {
        try {
            MoveEvaluator evaluator = free.take();
            try {
                if (over.get()) {
                    throw new CancellationException("another search has ended this work");
                }
                return evaluator.withNodes(nodes).weigh(position, move);
            } finally {
                free.put(evaluator);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CompletionException(e);
        }
    }

    private static Weighed await(CompletableFuture<Weighed> result) {
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
