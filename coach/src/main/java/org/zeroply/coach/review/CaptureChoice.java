package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.exchange.LegalExchange;
import org.zeroply.engine.exchange.StaticExchange;

/**
 * A choice between several good-looking captures, of which one was right: which of them to make, or
 * with which man to take back. A capture looks good when it loses nothing by static exchange.
 */
final class CaptureChoice {

    /** Captures to choose from, where nothing was taken just before. */
    private static final int FREE = 3;

    /** More than so many are no choice that a player goes through. */
    private static final int MOST = 5;

    /** Centipawns that an answer wins at a glance: who allows that did not choose. */
    private static final int PLAIN = 200;

    /** An expected score so near to 0 or 1 is decided. */
    private static final double DECIDED = 0.01;

    /** What a right choice weighs beside what the others lose, in points of a hundred. */
    private static final double WEIGHT = 5;

    private final MoveEvaluator evaluator;

    CaptureChoice(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** The captures at hand; those that take back, where something was taken just before. */
    private record Captures(List<Move> moves, boolean back) {

        static Captures of(MoveReview move, Optional<MoveReview> previous) {
            Optional<Integer> taken =
                    previous.map(p -> p.node().move()).filter(Move::isCapture).map(Move::to);
            Board board = move.position().toBoard();
            List<Move> good =
                    move.position().legalMoves().stream()
                            .filter(Move::isCapture)
                            // As the square alone looks: a pin is what one may overlook.
                            .filter(m -> StaticExchange.isAtLeast(board, m.packed(), 0))
                            .toList();
            boolean back = taken.filter(square -> move.choice().to() == square).isPresent();
            List<Move> asked =
                    back ? good.stream().filter(m -> m.to() == taken.get()).toList() : good;
            return new Captures(asked, back);
        }

        boolean areToChooseFrom(int least) {
            return moves.size() >= least && moves.size() <= MOST;
        }

        String words() {
            return CoachWords.of(
                    back ? "review.ways-to-take-back-were" : "review.captures-were-there");
        }
    }

    /** The moment of an error: another capture was right. */
    Optional<Moment> wrong(MoveReview move, Optional<MoveReview> previous) {
        Captures captures = Captures.of(move, previous);
        Move played = move.node().move();
        if (!captures.areToChooseFrom(2)
                || !captures.moves().contains(move.choice())
                || !captures.moves().contains(played)) {
            return Optional.empty();
        }
        String text =
                CoachWords.of(
                        "review.and-was-the-right-one",
                        captures.moves().size(),
                        captures.words(),
                        move.better(),
                        move.san(),
                        MomentFinder.points(move));
        double weight = move.loss().points() + (move.isTurn() ? MomentFinder.HARD : 0);
        return Optional.of(
                Moment.of(move, Moment.Kind.WRONG_CAPTURE, move.best().line(), weight, text));
    }

    /**
     * The moment of a right choice: every other capture gives much away, and none of them at a
     * glance.
     *
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    Optional<Moment> right(MoveReview move, Optional<MoveReview> previous) {
        Captures captures = Captures.of(move, previous);
        double before = move.before().value();
        if (!move.isChoice()
                || move.best().width() > 1
                || before < DECIDED
                || before > 1 - DECIDED
                || !captures.moves().contains(move.choice())
                || !captures.areToChooseFrom(captures.back() ? 2 : FREE)) {
            return Optional.empty();
        }
        List<Wrong> others = new ArrayList<>();
        for (Move other : captures.moves()) {
            if (!other.equals(move.choice())) {
                Optional<Wrong> wrong = refuted(move, other);
                if (wrong.isEmpty()) {
                    return Optional.empty();
                }
                others.add(wrong.get());
            }
        }
        others.sort(Comparator.comparingDouble(w -> w.loss().points()));
        Wrong nearest = others.get(0);
        String text =
                CoachWords.of(
                        "review.and-was-the-right-one-points",
                        captures.moves().size(),
                        captures.words(),
                        move.san(),
                        others.stream()
                                .map(w -> w.words(move.position()))
                                .collect(Collectors.joining(", ")));
        double weight = WEIGHT + nearest.loss().points() / 2;
        return Optional.of(
                Moment.of(move, Moment.Kind.RIGHT_CAPTURE, move.best().line(), weight, text)
                        .tempted(nearest.line()));
    }

    /**
     * A capture that looks good and is not.
     *
     * @param line the capture and what follows it
     */
    private record Wrong(List<Move> line, Loss loss) {

        String words(Position position) {
            String san = San.write(position, line.get(0));
            return String.format(
                    Locale.ROOT, CoachWords.of("review.gives-away"), san, loss.points());
        }
    }

    /**
     * What a capture gives away, where that is much and not to be seen at a glance. The position
     * after it is asked, which is remembered.
     */
    private Optional<Wrong> refuted(MoveReview move, Move other) {
        Position position = move.position();
        if (losesAtAGlance(position, other)) {
            return Optional.empty();
        }
        Position after = position.play(other);
        Optional<Choice> answer = evaluator.choice(after);
        ExpectedScore left = MoveEvaluator.expected(answer, after).opponents();
        Loss loss = Loss.between(move.before(), left);
        if (loss.points() < MoveReview.MISTAKE) {
            return Optional.empty();
        }
        List<Move> line = new ArrayList<>(List.of(other));
        answer.ifPresent(a -> line.addAll(a.best().line()));
        return Optional.of(new Wrong(line, loss));
    }

    private static boolean losesAtAGlance(Position position, Move move) {
        Position after = position.play(move);
        Board board = after.toBoard();
        return after.legalMoves().stream()
                .anyMatch(
                        m ->
                                m.isCapture() && LegalExchange.isAtLeast(board, m.packed(), PLAIN)
                                        || after.play(m).isCheckmate());
    }
}
