package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;

/** Tells what kind of error a move was that gave much away. */
final class ErrorMoments {

    /** Hundredths of a pawn. */
    private static final int PAWN = 100;

    private final MoveEvaluator evaluator;
    private final CaptureChoice captures;

    ErrorMoments(MoveEvaluator evaluator, CaptureChoice captures) {
        this.evaluator = evaluator;
        this.captures = captures;
    }

    /**
     * The moment of an error.
     *
     * @param previous the other side's move just before, where it was reviewed
     */
    Moment of(MoveReview move, Optional<MoveReview> previous) {
        return ignoredThreat(move)
                .or(() -> missedChance(move, previous))
                .or(() -> previous.filter(MoveReview::isMistake).map(p -> unpunished(move, p)))
                .or(() -> captures.wrong(move, previous))
                .orElseGet(() -> turn(move))
                .because(Cause.of(move));
    }

    /** The answer that punished the move was a threat already before it. */
    private Optional<Moment> ignoredThreat(MoveReview move) {
        Position position = move.position();
        if (position.inCheck()) {
            return Optional.empty();
        }
        Position passed = position.play(Move.NULL);
        Optional<Move> threat =
                best(passed)
                        .filter(t -> harm(move, t).points() >= MoveReview.MISTAKE)
                        .filter(t -> isConcrete(passed, t))
                        .map(Weighed::move);
        List<Move> answer = move.answer();
        return threat.filter(t -> !answer.isEmpty() && isSame(t, answer.get(0)))
                .map(
                        t ->
                                Moment.of(
                                        move,
                                        Moment.Kind.IGNORED_THREAT,
                                        answer,
                                        move.mistakeWeight() + MomentFinder.HARD,
                                        CoachWords.of(
                                                "review.was-threatened-before-and-still",
                                                San.write(move.node().position(), answer.get(0)),
                                                move.san(),
                                                move.better(),
                                                MomentFinder.points(move))));
    }

    /** A threat mates or wins material; a good move with the extra tempo alone is none. */
    private static boolean isConcrete(Position passed, Weighed threat) {
        return threat.score() instanceof Score.Mate
                || LineGain.hundredths(passed, threat.line()) >= PAWN;
    }

    private static boolean isSame(Move a, Move b) {
        return a.from() == b.from() && a.to() == b.to();
    }

    private Optional<Weighed> best(Position position) {
        return evaluator.choice(position).map(Choice::best);
    }

    /** What a free move of the other side would take away. */
    private static Loss harm(MoveReview move, Weighed threat) {
        return Loss.between(move.before(), threat.expected().opponents());
    }

    /** The move was won or offered, and hard to see. */
    private Optional<Moment> missedChance(MoveReview move, Optional<MoveReview> previous) {
        List<String> hard = Hardness.of(move);
        boolean offered = previous.filter(MoveReview::isMistake).isPresent();
        if (hard.isEmpty() || !offered && move.before().value() < MomentFinder.GAINFUL) {
            return Optional.empty();
        }
        List<Move> tempting = tempting(move);
        String text =
                CoachWords.of(
                        "review.was-there-hard-to-see",
                        move.better(),
                        Squares.join(hard),
                        tempts(move, tempting),
                        move.san(),
                        MomentFinder.points(move));
        double weight = move.mistakeWeight() + MomentFinder.HARD * hard.size();
        return Optional.of(
                Moment.of(move, Moment.Kind.MISSED_CHANCE, move.best().line(), weight, text)
                        .tempted(tempting));
    }

    /**
     * What led at a shorter look, with the answer to it; the move played has its answer already.
     */
    private List<Move> tempting(MoveReview move) {
        Optional<Move> bait = move.best().tempting().filter(m -> !m.equals(move.node().move()));
        if (bait.isEmpty()) {
            return List.of();
        }
        List<Move> line = new ArrayList<>(List.of(bait.get()));
        best(move.position().play(bait.get())).ifPresent(answer -> line.addAll(answer.line()));
        return line;
    }

    private static String tempts(MoveReview move, List<Move> line) {
        if (line.isEmpty()) {
            return "";
        }
        Position p = move.position();
        String bait = San.write(p, line.get(0));
        String answer =
                line.size() > 1
                        ? CoachWords.of(
                                "review.answered-by", San.write(p.play(line.get(0)), line.get(1)))
                        : "";
        return CoachWords.of("review.tempts-at-a-shorter-look", bait, answer);
    }

    private static Moment unpunished(MoveReview move, MoveReview previous) {
        String text =
                CoachWords.of(
                        "review.was-an-error-punished-it",
                        previous.san(),
                        move.better(),
                        move.san(),
                        MomentFinder.points(move));
        return Moment.of(
                move, Moment.Kind.UNPUNISHED_ERROR, move.best().line(), move.loss().points(), text);
    }

    private static Moment turn(MoveReview move) {
        String text =
                CoachWords.of(
                        "review.was-better",
                        CoachWords.of(
                                move.isTurn() ? "review.turns-the-game" : "review.gives-much-away",
                                move.san()),
                        move.better(),
                        MomentFinder.points(move));
        double weight = move.mistakeWeight() + (move.isTurn() ? MomentFinder.HARD : 0);
        return Moment.of(move, Moment.Kind.TURN, move.best().line(), weight, text);
    }
}
