package org.zeroply.desktop.review;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * A move tried in place of the one that was played.
 *
 * @param truth what is known of the position
 */
record Guess(MoveReview truth, Move move) {

    /** Points of a hundred below which two moves are alike. */
    private static final double EVEN = 2;

    /** The move in SAN. */
    String san() {
        return San.write(truth.position(), move);
    }

    private Optional<Double> expected() {
        return move.equals(truth.choice())
                ? Optional.of(truth.before())
                : truth.ways().stream()
                        .filter(c -> c.move().equals(move))
                        .map(Analysis.Candidate::expected)
                        .findFirst();
    }

    /** Whether the review knows what the move is worth. */
    boolean isKnown() {
        return expected().isPresent();
    }

    /** What is said to a move that is known. */
    String answer() {
        return move.equals(truth.choice())
                ? san() + " is the move."
                : answer(expected().orElseThrow());
    }

    /**
     * What is said to any move.
     *
     * @param nodes nodes to search on
     */
    String answer(Engine engine, long nodes, Cancellation cancellation) {
        Position after = truth.position().play(move);
        if (after.legalMoves().isEmpty()) {
            return answer(after.isCheckmate() ? 1 : 0.5);
        }
        AnalysisRequest request = AnalysisRequest.of(after, Limits.nodes(nodes));
        return answer(
                engine.analyse(request, a -> {}, cancellation)
                        .best()
                        .map(c -> 1 - c.expected())
                        .orElse(0.5));
    }

    private String answer(double expected) {
        double loss = Math.max(0, 100 * (truth.before() - expected));
        if (loss < EVEN) {
            return san() + " is as good as the engine's move " + truth.better() + ".";
        }
        return String.format(
                Locale.ROOT,
                loss < MoveReview.DUBIOUS
                        ? "%s is nearly as good: %.0f points of a hundred less than %s."
                        : "%s gives away %.0f points of a hundred; better is %s.",
                san(),
                loss,
                truth.better());
    }
}
