package org.zeroply.coach.exercise.marking;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/**
 * Checks moves of a line, one after the other, on a fixed number of nodes so that the result is
 * always the same. Only what fails at a longer look too is called refuted.
 */
public final class LineChecker {

    /** A move that gives away more expected score than this (0 to 1) is refuted. */
    public static final double TOLERANCE = 0.13;

    /** Nodes per position unless chosen otherwise. */
    public static final long NODES = 150_000;

    /** So many moves of a written line are looked at, as each takes a search: our choice. */
    private static final int MOST_MOVES = 16;

    /** What seems to fail is looked at again on so many times the nodes. */
    private static final int CONFIRM = 4;

    private final Engine engine;
    private final Endings endings;
    private final long nodes;

    /**
     * @param nodes nodes per position; for what seems to fail, {@value #CONFIRM} times as many
     */
    public LineChecker(Engine engine, Endings endings, long nodes) {
        this.engine = engine;
        this.endings = endings;
        this.nodes = nodes;
    }

    /** Name of the engine and nodes per position, for the stamp of what was checked. */
    public String stamp() {
        return CoachWords.of("exercise.nodes-a-position", engine.name(), nodes);
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

    /**
     * Checks the moves of a line from an index on; empty when all of them hold, or when cancelled.
     */
    public Optional<Failure> firstFailure(
            Position start, List<Move> line, int from, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, endings, nodes, cancellation);
        int end = Math.min(line.size(), from + MOST_MOVES);
        Position now = start;
        try {
            for (int ply = 0; ply < end; ply++) {
                Move move = line.get(ply);
                Optional<Failure> failure =
                        ply < from ? Optional.empty() : check(now, move, ply, evaluator);
                if (failure.isPresent()) {
                    return failure;
                }
                now = now.play(move);
            }
        } catch (CancellationException e) {
            // Who asked sees by the cancellation that it was not checked to its end.
            return Optional.empty();
        }
        return Optional.empty();
    }

    private Optional<Failure> check(Position before, Move move, int ply, MoveEvaluator evaluator) {
        return failure(before, move, ply, evaluator)
                // A student is not told to be wrong by one look.
                .flatMap(f -> failure(before, move, ply, evaluator.withNodes(CONFIRM * nodes)));
    }

    private static Optional<Failure> failure(
            Position before, Move move, int ply, MoveEvaluator evaluator) {
        Optional<Weighed> best = evaluator.choice(before, 1).map(Choice::best);
        if (best.isEmpty() || best.get().move().equals(move)) {
            return Optional.empty();
        }
        Weighed played = evaluator.weigh(before, move);
        double loss = best.get().expected().over(played.expected());
        return loss <= TOLERANCE
                ? Optional.empty()
                : Optional.of(new Failure(ply, before, loss, best.get().line(), played.line()));
    }
}
