package org.zeroply.engine.analysis;

import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * What to analyse.
 *
 * @param start a position
 * @param moves moves played from it (no null moves); the position after them is analysed, and the
 *     earlier ones count for repetitions
 * @param limits when to stop
 * @param lines how many best moves to tell apart, at least 1
 * @param rootMoves moves to choose from; empty for all legal ones
 * @param threads threads to use, at least 1
 */
public record AnalysisRequest(
        Position start,
        List<Move> moves,
        Limits limits,
        int lines,
        List<Move> rootMoves,
        int threads) {

    /**
     * @throws IllegalArgumentException if lines or threads are not positive
     */
    public AnalysisRequest {
        moves = List.copyOf(moves);
        rootMoves = List.copyOf(rootMoves);
        if (lines < 1 || threads < 1) {
            throw new IllegalArgumentException("lines and threads must be at least 1");
        }
    }

    /** The best move of a position. */
    public static AnalysisRequest of(Position position, Limits limits) {
        return new AnalysisRequest(position, List.of(), limits, 1, List.of(), 1);
    }

    /** The same with another number of lines. */
    public AnalysisRequest withLines(int count) {
        return new AnalysisRequest(start, moves, limits, count, rootMoves, threads);
    }

    /** The same, choosing only among these moves. */
    public AnalysisRequest among(List<Move> candidates) {
        return new AnalysisRequest(start, moves, limits, lines, candidates, threads);
    }

    /** The same with another number of threads. */
    public AnalysisRequest withThreads(int count) {
        return new AnalysisRequest(start, moves, limits, lines, rootMoves, count);
    }

    /**
     * The same, choosing among all moves but these.
     *
     * @throws IllegalArgumentException if no legal move is left
     */
    public AnalysisRequest without(List<Move> excluded) {
        List<Move> rest = candidates().stream().filter(m -> !excluded.contains(m)).toList();
        if (rest.isEmpty()) {
            throw new IllegalArgumentException("no move is left to choose from");
        }
        return among(rest);
    }

    /**
     * What the opponent would play if the side to move passed: the same position with the other
     * side to move.
     *
     * @throws IllegalArgumentException if the side to move is in check
     */
    public static AnalysisRequest threat(Position position, Limits limits) {
        return of(position.play(Move.NULL), limits);
    }

    /** The legal moves to choose from. */
    public List<Move> candidates() {
        return position().legalMoves().stream()
                .filter(m -> rootMoves.isEmpty() || rootMoves.contains(m))
                .toList();
    }

    /** The position to analyse. */
    public Position position() {
        return start.play(moves);
    }
}
