package org.zeroply.coach.exercise;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Checks moves of a line with an engine, one after the other, on a fixed number of nodes so that
 * the result is always the same.
 */
public final class LineChecker {

    /** A move that gives away more expected score than this (0 to 1) is refuted. */
    public static final double TOLERANCE = 0.10;

    /** Nodes per position unless chosen otherwise. */
    public static final long NODES = 150_000;

    private static final int MOST_MOVES = 16;

    private final Engine engine;
    private final long nodes;

    public LineChecker(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /** Name of the engine and nodes per position, for the stamp of what was checked. */
    public String stamp() {
        return engine.name() + ", " + nodes + " nodes a position";
    }

    /**
     * The first move that does not hold.
     *
     * @param ply 0-based index of the move in the line
     * @param before the position in which it was played
     * @param loss expected score given away, 0 to 1
     * @param better what should have been played, with its line
     * @param punishment the move and what follows it
     */
    public record Failure(
            int ply, Position before, double loss, List<Move> better, List<Move> punishment) {}

    /** Checks the moves of a line from an index on; empty when all of them hold. */
    public Optional<Failure> firstFailure(
            Position start, List<Move> line, int from, Cancellation cancellation) {
        int end = Math.min(line.size(), from + MOST_MOVES);
        for (int ply = from; ply < end && !cancellation.isCancelled(); ply++) {
            Optional<Failure> failure = check(start, line, ply, cancellation);
            if (failure.isPresent()) {
                return failure;
            }
        }
        return Optional.empty();
    }

    private Optional<Failure> check(
            Position start, List<Move> line, int ply, Cancellation cancellation) {
        AnalysisRequest request =
                new AnalysisRequest(
                        start, line.subList(0, ply), Limits.nodes(nodes), 1, List.of(), 1);
        Move move = line.get(ply);
        Optional<Analysis.Candidate> best = run(request, cancellation);
        if (best.isEmpty() || best.get().move().equals(move)) {
            return Optional.empty();
        }
        Optional<Analysis.Candidate> played = run(request.among(List.of(move)), cancellation);
        if (played.isEmpty() || cancellation.isCancelled()) {
            return Optional.empty();
        }
        double loss = best.get().expected() - played.get().expected();
        return loss <= TOLERANCE
                ? Optional.empty()
                : Optional.of(
                        new Failure(
                                ply,
                                request.position(),
                                loss,
                                best.get().line(),
                                played.get().line()));
    }

    private Optional<Analysis.Candidate> run(AnalysisRequest request, Cancellation cancellation) {
        return engine.analyse(request, a -> {}, cancellation).best();
    }
}
