package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.ForkFacts;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * Whether the men that captures alone win can really be taken: a trapped queen, an attack or a
 * stalemate that the capture allows is seen by a search only. What it refutes is withdrawn.
 */
final class HeldInquiry implements Inquiry {

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes for each man
     */
    HeldInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = LONGER * nodes;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of();
    }

    @Override
    public String name() {
        return CoachWords.of("insight.men-not-held");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation).remembering();
        for (Fact fact : ForkFacts.hanging(scene)) {
            if (!canBeWon(scene, fact, evaluator).orElse(true)) {
                found.withdraw(fact);
            }
        }
    }

    /**
     * A legal capture of the man, with a line that wins half of it at least or is worth so much
     * more than a pass; empty where this cannot be tried.
     */
    static Optional<Boolean> canBeWon(Scene scene, Fact fact, MoveEvaluator evaluator) {
        int loss = fact.figures().getOrDefault("loss", 0);
        Optional<Position> taker = scene.withMove(fact.side().orElseThrow().other());
        if (loss == 0 || taker.isEmpty()) {
            return Optional.empty();
        }
        Position from = taker.get();
        int square = fact.squares().get(0);
        List<Move> captures =
                from.legalMoves().stream().filter(m -> m.to() == square && m.isCapture()).toList();
        if (captures.isEmpty()) {
            // In check the taker has other worries: the claim is about what comes after.
            return from.inCheck() ? Optional.empty() : Optional.of(false);
        }
        Weighed best = evaluator.among(from, captures).orElseThrow();
        boolean material = 2 * LineGain.settledHundredths(from, best.line()) >= loss;
        return Optional.of(material || 2 * againstPass(from, best, evaluator) >= loss);
    }

    /** Centipawns by which a move is better than a pass; 0 where no pass is possible. */
    static int againstPass(Position from, Weighed move, MoveEvaluator evaluator) {
        if (from.inCheck()) {
            return 0;
        }
        return evaluator
                .choice(from.play(Move.NULL))
                .map(reply -> move.score().ordinal() + reply.best().score().ordinal())
                .orElse(0);
    }
}
