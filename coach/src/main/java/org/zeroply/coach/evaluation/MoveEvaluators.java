package org.zeroply.coach.evaluation;

import java.util.List;
import java.util.concurrent.Executor;

/**
 * Evaluators that work side by side, each with an engine of its own, and the threads they are given
 * for it: the coach starts none.
 *
 * @param all at least one, with the same nodes
 * @param threads runs their work; on fewer threads than evaluators it only takes longer
 */
public record MoveEvaluators(List<MoveEvaluator> all, Executor threads) {

    /**
     * @throws IllegalArgumentException if there is none
     */
    public MoveEvaluators {
        all = List.copyOf(all);
        if (all.isEmpty()) {
            throw new IllegalArgumentException("no evaluator");
        }
    }

    /** One alone, which works on the thread of whoever asks. */
    public static MoveEvaluators alone(MoveEvaluator evaluator) {
        return new MoveEvaluators(List.of(evaluator), Runnable::run);
    }

    /** The one for what has to be asked one after the other. */
    public MoveEvaluator first() {
        return all.get(0);
    }
}
