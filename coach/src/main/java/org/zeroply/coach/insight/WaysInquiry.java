package org.zeroply.coach.insight;

import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** What tells the best moves apart: the cleanest of several wins, and material to give back. */
final class WaysInquiry implements Inquiry {

    /** Moves that are told apart: our choice. */
    private static final int WAYS = 5;

    /** How many times as long a claim is looked at once more; our choice. */
    private static final int ONCE_MORE = 10;

    private final Engine engine;
    private final long nodes;

    WaysInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = LONGER * nodes;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.CLEANEST_WIN, FactKind.GIVE_BACK);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.the-cleanest-way");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        evaluator
                .choice(position, WAYS)
                .ifPresent(
                        choice -> {
                            CleanWin.of(choice).ifPresent(found);
                            givingBack(choice, evaluator).ifPresent(found);
                        });
    }

    /** Of what a brief look calls the moment to give back, little stands a longer one. */
    private Optional<Fact> givingBack(Choice brief, MoveEvaluator evaluator) {
        MoveEvaluator longer = evaluator.withNodes(ONCE_MORE * nodes);
        return GivingBack.of(brief, evaluator)
                .flatMap(fact -> longer.choice(brief.position(), WAYS))
                .flatMap(choice -> GivingBack.of(choice, longer));
    }
}
