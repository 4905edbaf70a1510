package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/** The last move of the side that lost before which its position was not lost yet. */
final class LastHold {

    /** How much more than its loss it weighs: where a game could be saved teaches most. */
    private static final double MORE = 30;

    private LastHold() {}

    /** The move, in a game that was lost, and where it lost something. */
    static Optional<MoveReview> in(List<MoveReview> moves, String result) {
        return moves.stream()
                .filter(m -> GameResult.score(result, m.side()).orElse(1) == 0)
                .filter(m -> m.classBefore() != ResultClass.LOSS)
                .reduce((earlier, later) -> later)
                .filter(m -> m.classAfter() == ResultClass.LOSS)
                .filter(m -> m.loss().points() >= MoveReview.DUBIOUS);
    }

    /** What is told of it. */
    static Moment moment(MoveReview move) {
        String text =
                CoachWords.of("review.loses", words(move), move.san(), MomentFinder.points(move));
        double weight = move.loss().points() + MORE;
        return Moment.of(move, Moment.Kind.LAST_HOLD, move.best().line(), weight, text)
                .because(Cause.of(move));
    }

    /** Between the balance and a loss nothing was proved, so that nothing is said to be held. */
    private static String words(MoveReview move) {
        String last = CoachWords.of("review.the-last-move-at-which", move.side().word());
        String could = CoachWords.of("review.could-hold-kept", last, move.better());
        if (move.classBefore() == ResultClass.WIN) {
            return CoachWords.of("review.the-win", could);
        }
        if (Holding.of(move.before()) == Holding.DRAW) {
            return CoachWords.of("review.the-balance", could);
        }
        return move.before().compareTo(ExpectedScore.DRAW) > 0
                ? CoachWords.of("review.the-better-game", could)
                : CoachWords.of("review.was-not-lost-left-it", last, move.better());
    }
}
