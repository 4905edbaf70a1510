package org.zeroply.coach.review;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.Counterplay;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;

/**
 * Several moves kept the win, and one of them was cleaner than the move played: it mated sooner,
 * won by a wider margin, or left less counterplay. Counterplay is counted in forcing replies:
 * checks, and captures that lose nothing by static exchange.
 */
final class SeveralWays {

    /** A mate this short is cleaner than any other win, in moves. */
    private static final int SHORT_MATE = 4;

    /** Points of a hundred by which a win is wider than another. */
    private static final double MARGIN = 5;

    /** Forcing replies fewer by so many are less counterplay. */
    private static final int FEWER = 3;

    private SeveralWays() {}

    static Optional<Moment> of(MoveReview move) {
        if (move.isChoice()
                || move.classBefore() != ResultClass.WIN
                || move.classAfter() != ResultClass.WIN
                || move.best().width() < 2
                || move.node().position().isCheckmate()
                || move.isMistake()) {
            return Optional.empty();
        }
        return mate(move).or(() -> margin(move)).or(() -> counterplay(move));
    }

    private static Optional<Moment> mate(MoveReview move) {
        boolean isShort =
                move.best().score() instanceof Score.Mate mate
                        && mate.moves() > 0
                        && mate.moves() <= SHORT_MATE;
        return isShort
                ? Optional.of(
                        moment(
                                move,
                                move.best().line(),
                                CoachWords.of(
                                        "review.mate-in",
                                        ((Score.Mate) move.best().score()).moves()),
                                3))
                : Optional.empty();
    }

    private static Optional<Moment> margin(MoveReview move) {
        String words =
                String.format(
                        Locale.ROOT,
                        CoachWords.of("review.a-margin-wider-by-points"),
                        move.loss().points());
        return move.loss().points() >= MARGIN
                ? Optional.of(moment(move, move.best().line(), words, 2))
                : Optional.empty();
    }

    /** Among the winning moves told apart, the one with the fewest forcing replies. */
    private static Optional<Moment> counterplay(MoveReview move) {
        int played = Counterplay.forcingMoves(move.node().position());
        Optional<Weighed> calmest =
                move.best().ways().stream()
                        .filter(c -> c.result() == ResultClass.WIN)
                        .filter(c -> Loss.between(move.after(), c.expected()).points() < 1)
                        .min(
                                Comparator.comparingInt(
                                        c -> Counterplay.forcingMoves(after(move, c))));
        return calmest.filter(c -> played - Counterplay.forcingMoves(after(move, c)) >= FEWER)
                .map(
                        c ->
                                moment(
                                        move,
                                        c.line(),
                                        CoachWords.of(
                                                "review.forcing-replies-against",
                                                Counterplay.forcingMoves(after(move, c)),
                                                played),
                                        1));
    }

    private static Position after(MoveReview move, Weighed way) {
        return move.position().play(way.move());
    }

    private static Moment moment(MoveReview move, List<Move> line, String why, int weight) {
        String text =
                CoachWords.of(
                        "review.moves-keep-the-win-the",
                        move.best().width(),
                        San.write(move.position(), line.get(0)),
                        why,
                        move.san());
        return Moment.of(
                move,
                Moment.Kind.SEVERAL_WAYS,
                line,
                MoveReview.DUBIOUS + weight + move.loss().points() / 10,
                text);
    }
}
