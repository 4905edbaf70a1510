package org.zeroply.coach.insight;

import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** What tells the best moves apart: the cleanest of several wins, and material to give back. */
final class WaysInquiry implements Inquiry {

    private static final int WAYS = 5;
    private final Engine engine;
    private final long nodes;

    WaysInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = LONGER * nodes;
    }

    @Override
    public String name() {
        return "the cleanest way";
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        evaluator
                .choice(position, WAYS)
                .ifPresent(
                        choice -> {
                            CleanWin.of(choice).ifPresent(found);
                            GivingBack.of(choice, evaluator).ifPresent(found);
                        });
    }
}
