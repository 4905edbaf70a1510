package org.zeroply.desktop.review;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * A move tried in place of the one that was played.
 *
 * @param truth what is known of the position
 */
record Guess(MoveReview truth, Move move) {

    /** The move in SAN. */
    String san() {
        return San.write(truth.position(), move);
    }

    private Optional<ExpectedScore> expected() {
        return move.equals(truth.choice())
                ? Optional.of(truth.before())
                : truth.best().ways().stream()
                        .filter(c -> c.move().equals(move))
                        .map(Weighed::expected)
                        .findFirst();
    }

    /** Whether the review knows what the move is worth. */
    boolean isKnown() {
        return expected().isPresent();
    }

    /** What is said to a move that is known. */
    String answer() {
        return move.equals(truth.choice())
                ? Texts.of("review.is-the-move", san())
                : answer(expected().orElseThrow());
    }

    /**
     * What is said to any move.
     *
     * @param nodes nodes to search on
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    String answer(Engine engine, long nodes, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        return answer(evaluator.expected(truth.position().play(move)).opponents());
    }

    private String answer(ExpectedScore expected) {
        Loss lost = Loss.between(truth.before(), expected);
        double loss = lost.points();
        if (!lost.exceeds(Weighed.EQUAL)) {
            return Texts.of("review.is-as-good-as-the", san(), truth.better());
        }
        return String.format(
                Locale.ROOT,
                loss < MoveReview.DUBIOUS
                        ? Texts.of("review.is-nearly-as-good-points")
                        : Texts.of("review.gives-away-points-of-a"),
                san(),
                loss,
                truth.better());
    }
}
