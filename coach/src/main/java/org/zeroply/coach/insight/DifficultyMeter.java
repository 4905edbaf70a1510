package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Width;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Measures {@link Difficulty} with an engine, on a fixed number of nodes so that the result is
 * always the same.
 */
public final class DifficultyMeter {

    /** Nodes for the best move unless chosen otherwise. */
    public static final long NODES = 400_000;

    /** Plies of the line along which the width is measured. */
    private static final int PLIES = 6;

    /** A move that gives away less than this (0 to 1) tempts nobody into harm. */
    private static final double HARM = 0.08;

    private static final int MOST_MOVES = 256;

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
        AnalysisRequest request = AnalysisRequest.of(position, Limits.nodes(nodes));
        Analysis analysis = engine.analyse(request, a -> {}, cancellation);
        if (analysis.best().isEmpty()) {
            return Optional.empty();
        }
        Analysis.Candidate best = analysis.best().get();
        int plies = Math.min(PLIES, best.line().size());
        double steps = plies + 2;
        progress.accept(1 / steps);
        Optional<Difficulty.Temptation> temptation = temptation(request, analysis, cancellation);
        progress.accept(2 / steps);
        List<Difficulty.Width> widths = new ArrayList<>();
        Position now = position;
        for (int ply = 0; ply < plies && !cancellation.isCancelled(); ply++) {
            widths.add(width(now, ply, cancellation));
            now = now.play(best.line().get(ply));
            progress.accept((ply + 3) / steps);
        }
        return cancellation.isCancelled()
                ? Optional.empty()
                : Optional.of(new Difficulty(best, widths, analysis.depthFound(), temptation));
    }

    /** The last other move that led on the way, if it really is worse. */
    private Optional<Difficulty.Temptation> temptation(
            AnalysisRequest request, Analysis analysis, Cancellation cancellation) {
        Analysis.Candidate best = analysis.best().orElseThrow();
        Optional<Analysis.DepthBest> leader = analysis.rival();
        if (leader.isEmpty()) {
            return Optional.empty();
        }
        Move move = leader.get().move();
        return engine.analyse(request.among(List.of(move)), a -> {}, cancellation)
                .best()
                .filter(c -> best.expected() - c.expected() >= HARM)
                .map(
                        c ->
                                new Difficulty.Temptation(
                                        move,
                                        leader.get().depth(),
                                        best.expected() - c.expected(),
                                        ResultClass.of(c.expected())
                                                != ResultClass.of(best.expected()),
                                        c.line()));
    }

    private Difficulty.Width width(Position position, int ply, Cancellation cancellation) {
        Analysis analysis =
                engine.analyse(
                        AnalysisRequest.of(position, Limits.nodes(nodes)).withLines(MOST_MOVES),
                        a -> {},
                        cancellation);
        double best = analysis.best().map(Analysis.Candidate::expected).orElse(0.5);
        return new Difficulty.Width(
                ply,
                position.toBoard().sideToMove() == 0,
                ResultClass.of(best),
                Width.of(analysis),
                position.legalMoves().size());
    }
}
