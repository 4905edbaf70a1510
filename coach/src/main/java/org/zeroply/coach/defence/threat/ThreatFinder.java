package org.zeroply.coach.defence.threat;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.engine.analysis.Score;

/** Finds the threat by letting the side to move pass. */
public final class ThreatFinder {

    /** Hundredths of a point that a line must win to threaten material. */
    private static final int MATERIAL = 100;

    /** Centipawns by which a free move must better the verdict to be told. */
    private static final int IMPROVEMENT = 60;

    private final MoveEvaluator evaluator;

    public ThreatFinder(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /**
     * The threat against the side to move; empty when it is in check, when the position is over, or
     * when a free move would change nothing.
     *
     * @param best what the best move of the position is worth, for who is to move
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public Optional<Threat> find(Position position, Weighed best) {
        if (position.inCheck()) {
            return Optional.empty();
        }
        Position passed = position.play(Move.NULL);
        return evaluator
                .among(passed, passed.legalMoves())
                .flatMap(free -> threat(passed, free, best));
    }

    private Optional<Threat> threat(Position passed, Weighed free, Weighed best) {
        if (free.mates()) {
            List<Move> line = new LineCompleter(evaluator).complete(passed, free.line());
            return Optional.of(
                    new Threat(passed, line, Threat.Kind.MATE, Threat.MATE, free.score()));
        }
        int rise = free.score().ordinal() + best.score().ordinal();
        int material = LineGain.hundredths(passed, free.line());
        if (material >= MATERIAL && rise >= IMPROVEMENT) {
            return Optional.of(
                    new Threat(passed, free.line(), Threat.Kind.MATERIAL, material, free.score()));
        }
        boolean comparable = best.score() instanceof Score.Centipawns;
        return rise >= IMPROVEMENT && comparable
                ? Optional.of(
                        new Threat(
                                passed, free.line(), Threat.Kind.IMPROVEMENT, rise, free.score()))
                : Optional.empty();
    }
}
