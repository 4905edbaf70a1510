package org.zeroply.coach.exercise.scheme;

import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.engine.analysis.Score;

/**
 * Whether another move reaches what the exercise asks for about as well as the move asked for. The
 * bounds are choices of this program: two moves, a pawn, and {@link Weighed#isAsGoodAs}.
 *
 * @param aim what is asked for
 * @param position in which both moves are played
 */
public record AimCheck(Aim aim, Position position) {

    /** A mate this many moves later is about as good. */
    private static final int LATER = 2;

    /** Material that may be missing, in hundredths of a point. */
    private static final int PAWN = 100;

    /** What another move is beside the one asked for. */
    public enum Answer {
        /** It reaches the aim. */
        REACHES,
        /** It keeps the result, but does not reach the aim, or much later. */
        SLOWER,
        /** It gives something away. */
        FAILS
    }

    /** The aim at a move: as the exercise names it, else mate where the move asked for mates. */
    public static AimCheck at(Position position, Optional<Aim> named, Weighed asked) {
        Aim usual = asked.mates() ? Aim.MATE : Aim.BEST;
        Aim aim = named.filter(a -> a != Aim.MATE || asked.mates()).orElse(usual);
        return new AimCheck(aim, position);
    }

    public Answer compare(Weighed other, Weighed asked) {
        if (other.mates() && !asked.mates()) {
            return Answer.REACHES;
        }
        boolean same = other.isAsGoodAs(asked);
        boolean reaches =
                switch (aim) {
                    case MATE -> movesToMate(other) <= movesToMate(asked) + LATER;
                    case MATERIAL -> same && gain(other) >= gain(asked) - PAWN;
                    case WIN -> other.result() == ResultClass.WIN;
                    case HOLD -> same && other.result() != ResultClass.LOSS;
                    case BEST -> same;
                };
        if (reaches) {
            return Answer.REACHES;
        }
        boolean wins = other.result() == ResultClass.WIN && asked.result() == ResultClass.WIN;
        return same || wins ? Answer.SLOWER : Answer.FAILS;
    }

    private static int movesToMate(Weighed w) {
        return w.score() instanceof Score.Mate mate && mate.moves() > 0
                ? mate.moves()
                : Integer.MAX_VALUE / 2;
    }

    private int gain(Weighed w) {
        return LineGain.hundredths(position, w.line());
    }
}
