package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Finds the few moments of a game that a coach would stop at. */
final class MomentFinder {

    /** Moments of a game: a lesson has room for no more. Our choice. */
    private static final int MOST = 5;

    /** Praise teaches less than errors do. */
    private static final int MOST_PRAISE = 2;

    /** Moves that are hardly weaker than the best, for it to be the only one. */
    private static final int NARROW = 1;

    /** Expected score from which an attack is one; our own choice. */
    static final double GAINFUL = 0.70;

    /** With fewer legal moves none is hard to find: our choice. */
    private static final int MANY_LEGAL = 10;

    /** What is added to the loss for each reason why a move was hard to see. */
    static final double HARD = 12;

    /** What a move found weighs beside the points an error loses: our choice. */
    private static final double PRAISE = 30;

    private final ErrorMoments errors;
    private final CaptureChoice captures;

    MomentFinder(MoveEvaluator evaluator) {
        captures = new CaptureChoice(evaluator);
        errors = new ErrorMoments(evaluator, captures);
    }

    /**
     * The most instructive moments, one a move at most.
     *
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    List<Moment> find(List<MoveReview> moves, String result, List<Moment> departures) {
        List<Moment> found = new ArrayList<>();
        List<Moment> choices = new ArrayList<>();
        Optional<MoveReview> hold = LastHold.in(moves, result);
        for (int i = 0; i < moves.size(); i++) {
            MoveReview move = moves.get(i);
            Optional<MoveReview> previous =
                    i > 0 && moves.get(i - 1).ply() == move.ply() - 1
                            ? Optional.of(moves.get(i - 1))
                            : Optional.empty();
            if (hold.equals(Optional.of(move))) {
                found.add(LastHold.moment(move));
            } else if (move.isMistake()) {
                found.add(error(move, previous));
            } else if (isHardMoveFound(move, previous)) {
                found.add(praise(move));
            } else {
                captures.right(move, previous).ifPresent(choices::add);
                StrategicMoments.of(move).ifPresent(found::add);
            }
        }
        moves.stream()
                .map(SeveralWays::of)
                .flatMap(Optional::stream)
                .max(Comparator.comparingDouble(Moment::weight))
                .ifPresent(found::add);
        choices.stream().max(Comparator.comparingDouble(Moment::weight)).ifPresent(found::add);
        found.addAll(departures);
        Map<Integer, Moment> byPly = new LinkedHashMap<>();
        found.sort(Comparator.comparingDouble(Moment::weight).reversed());
        found.forEach(m -> byPly.putIfAbsent(m.move().ply(), m));
        return chosen(byPly.values());
    }

    /**
     * An error under its most telling name: what it gave up for good says more than that much was
     * given away, but less than a threat, a chance or a capture that can be shown.
     */
    private Moment error(MoveReview move, Optional<MoveReview> previous) {
        Moment error = errors.of(move, previous).besides(StrategicMoments.besides(move));
        Optional<Moment> strategic = StrategicMoments.of(move);
        if (error.kind() == Moment.Kind.TURN) {
            return strategic.filter(s -> s.weight() > error.weight()).orElse(error);
        }
        return strategic.map(s -> error.weighing(s.weight())).orElse(error);
    }

    private static List<Moment> chosen(Collection<Moment> ranked) {
        List<Moment> chosen = new ArrayList<>();
        int praise = 0;
        for (Moment moment : ranked) {
            boolean praises = moment.kind() == Moment.Kind.HARD_MOVE_FOUND;
            if (chosen.size() < MOST && !(praises && praise == MOST_PRAISE)) {
                chosen.add(moment);
                praise += praises ? 1 : 0;
            }
        }
        return chosen;
    }

    /** What a move cost, to end a sentence with. */
    static String points(MoveReview move) {
        return String.format(
                Locale.ROOT,
                CoachWords.of("review.points-of-a-hundred-before"),
                move.loss().points(),
                move.before().points());
    }

    // ---- Praise ---------------------------------------------------------------------------------

    /** Played, narrow and deep, clearly better than all others, and no plain recapture. */
    private static boolean isHardMoveFound(MoveReview move, Optional<MoveReview> previous) {
        boolean recapture =
                previous.filter(p -> p.node().move().isCapture())
                        .filter(p -> p.node().move().to() == move.node().move().to())
                        .isPresent();
        return move.isChoice()
                && !recapture
                && move.best().width() <= NARROW
                && move.standsAlone()
                && move.legal() >= MANY_LEGAL
                && move.classBefore() != ResultClass.LOSS
                && (move.best().depthFound() >= Hardness.DEEP
                        || Hardness.isSacrifice(move)
                        || Hardness.isCalmInAttack(move));
    }

    private static Moment praise(MoveReview move) {
        List<String> why = new ArrayList<>(Hardness.of(move));
        why.add(
                0,
                String.format(
                        Locale.ROOT,
                        CoachWords.of("review.the-only-move-points-of"),
                        move.best().lead()));
        String text = CoachWords.of("review.is-hard-to-find", move.san(), Squares.join(why));
        double weight = PRAISE / 2 + move.best().lead() / 2 + HARD * (why.size() - 1);
        return Moment.of(move, Moment.Kind.HARD_MOVE_FOUND, move.best().line(), weight, text);
    }
}
