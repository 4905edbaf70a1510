package org.zeroply.cli.console;

import java.util.List;
import java.util.concurrent.Executors;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;

/** Evaluators with a thread each, which end with the program. */
public final class EvaluatorThreads {

    private EvaluatorThreads() {}

    public static MoveEvaluators of(List<MoveEvaluator> evaluators) {
        return new MoveEvaluators(
                evaluators,
                Executors.newFixedThreadPool(
                        evaluators.size(),
                        work -> {
                            Thread thread = new Thread(work, "evaluator");
                            thread.setDaemon(true);
                            return thread;
                        }));
    }
}
