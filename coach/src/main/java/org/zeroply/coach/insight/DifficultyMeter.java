package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * Measures {@link Difficulty} with an engine, on a fixed number of nodes so that the result is
 * always the same.
 */
public final class DifficultyMeter {

    /** Nodes for the best move unless chosen otherwise. */
    public static final long NODES = 400_000;

    /** Plies of the line along which the width is measured. */
    private static final int PLIES = 6;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes for the best move; each ply of the line takes as many again
     */
    public DifficultyMeter(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /**
     * Measures a position; empty when it has no legal move or the work is cancelled.
     *
     * @param progress told the part done, 0 to 1
     */
    public Optional<Difficulty> measure(
            Position position, DoubleConsumer progress, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        try {
            return evaluator.choice(position).map(c -> measure(c, evaluator, progress));
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    private static Difficulty measure(
            Choice choice, MoveEvaluator evaluator, DoubleConsumer progress) {
        Weighed best = choice.best();
        int plies = Math.min(PLIES, best.line().size());
        double steps = plies + 2;
        progress.accept(1 / steps);
        Optional<Difficulty.Temptation> temptation = temptation(choice, evaluator);
        progress.accept(2 / steps);
        List<Difficulty.Width> widths = new ArrayList<>();
        Position now = choice.position();
        for (int ply = 0; ply < plies; ply++) {
            widths.add(width(evaluator.all(now).orElseThrow(), ply));
            now = now.play(best.line().get(ply));
            progress.accept((ply + 3) / steps);
        }
        return new Difficulty(best, widths, choice.depthFound(), temptation);
    }

    /** The last other move that led on the way, if it really is weaker. */
    private static Optional<Difficulty.Temptation> temptation(
            Choice choice, MoveEvaluator evaluator) {
        Optional<Analysis.DepthBest> leader = choice.rival();
        if (leader.isEmpty()) {
            return Optional.empty();
        }
        Weighed best = choice.best();
        Weighed bait = evaluator.weigh(choice.position(), leader.get().move());
        return Loss.of(bait, best).exceeds(MoveComparison.WEAKER)
                ? Optional.of(
                        new Difficulty.Temptation(
                                bait.move(),
                                leader.get().depth(),
                                best.expected().over(bait.expected()),
                                bait.result() != best.result(),
                                bait.line()))
                : Optional.empty();
    }

    private static Difficulty.Width width(Choice all, int ply) {
        return new Difficulty.Width(
                ply,
                all.position().sideToMove() == Side.WHITE,
                all.result(),
                all.width(),
                all.legal());
    }
}
