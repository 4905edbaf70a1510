package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.fact.Squares;

/** Finds the few moments of a game that a coach would stop at. */
final class MomentFinder {

    private static final int MOST = 5;

    /** Praise teaches less than errors do. */
    private static final int MOST_PRAISE = 2;

    private static final int NARROW = 1;

    /** Expected score from which an attack is one; our own choice. */
    static final double GAINFUL = 0.70;

    private static final int MANY_LEGAL = 10;

    /** What is added to the loss for each reason why a move was hard to see. */
    static final double HARD = 12;

    private static final double HOLD = 30;
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
        Optional<MoveReview> hold = lastHold(moves, result);
        for (int i = 0; i < moves.size(); i++) {
            MoveReview move = moves.get(i);
            Optional<MoveReview> previous =
                    i > 0 && moves.get(i - 1).ply() == move.ply() - 1
                            ? Optional.of(moves.get(i - 1))
                            : Optional.empty();
            if (hold.equals(Optional.of(move))) {
                found.add(held(move));
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

    // ---- The last hold --------------------------------------------------------------------------

    /** The last move of the side that lost before which its position was not lost yet. */
    private static Optional<MoveReview> lastHold(List<MoveReview> moves, String result) {
        Optional<Side> loser =
                result.equals(GameResult.WHITE_WINS)
                        ? Optional.of(Side.BLACK)
                        : result.equals(GameResult.BLACK_WINS)
                                ? Optional.of(Side.WHITE)
                                : Optional.empty();
        return loser.flatMap(
                side ->
                        moves.stream()
                                .filter(m -> m.side() == side)
                                .filter(m -> m.classBefore() != ResultClass.LOSS)
                                .reduce((earlier, later) -> later)
                                .filter(m -> m.classAfter() == ResultClass.LOSS)
                                .filter(m -> m.loss().points() >= MoveReview.DUBIOUS));
    }

    private static Moment held(MoveReview move) {
        String text =
                "The last move at which "
                        + move.side().word()
                        + " could hold: "
                        + move.better()
                        + " kept "
                        + (move.classBefore() == ResultClass.WIN ? "the win" : "the balance")
                        + ", "
                        + move.san()
                        + " loses"
                        + points(move);
        return Moment.of(
                        move,
                        Moment.Kind.LAST_HOLD,
                        move.best().line(),
                        move.loss().points() + HOLD,
                        text)
                .because(Cause.of(move));
    }

    /** What a move cost, to end a sentence with. */
    static String points(MoveReview move) {
        return String.format(
                Locale.ROOT,
                " (%.0f points of a hundred, %.0f before).",
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
                        "the only move, %.0f points of a hundred better than the next",
                        move.best().lead()));
        String text = move.san() + " is hard to find: " + Squares.join(why) + ".";
        double weight = PRAISE / 2 + move.best().lead() / 2 + HARD * (why.size() - 1);
        return Moment.of(move, Moment.Kind.HARD_MOVE_FOUND, move.best().line(), weight, text);
    }
}
