package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Squares;

/**
 * How an ending is won or held, for a sentence read aloud.
 *
 * @param plan the winning side's way in stages, in words; empty in a draw
 * @param other a second way that wins too and is another plan: another pawn promotes, or the king
 *     goes to another wing; empty when there is none
 * @param otherLine the line of the second way
 * @param tries the direct tries that fail, and why
 */
public record EndingWays(
        List<String> plan, List<String> other, List<Move> otherLine, List<DirectTry> tries) {

    /** Nothing is known of it. */
    static final EndingWays NONE = new EndingWays(List.of(), List.of(), List.of(), List.of());

    /** Files between two goals of the king that lie on different wings. */
    private static final int APART = 3;

    public EndingWays {
        plan = List.copyOf(plan);
        other = List.copyOf(other);
        otherLine = List.copyOf(otherLine);
        tries = List.copyOf(tries);
    }

    /**
     * @param line best play
     * @param best the best moves
     * @param keeping the moves that keep the result, the best first
     */
    static EndingWays of(
            Position position, Truth truth, List<Move> line, List<Move> best, List<Move> keeping) {
        int value = truth.value(position);
        Side side = position.sideToMove();
        Side winner = value > 0 ? side : side.other();
        List<String> plan = value == 0 ? List.of() : EndingPlan.of(position, line, winner);
        Optional<List<Move>> second =
                value > 0 ? second(position, truth, line, keeping) : Optional.empty();
        return new EndingWays(
                plan,
                second.map(l -> EndingPlan.of(position, l, winner)).orElse(List.of()),
                second.orElse(List.of()),
                DirectTry.of(position, truth, best, keeping));
    }

    /** The quickest other first move whose line is another plan. */
    private static Optional<List<Move>> second(
            Position position, Truth truth, List<Move> line, List<Move> keeping) {
        for (Move move : keeping) {
            if (move.equals(line.get(0))) {
                continue;
            }
            List<Move> other = new ArrayList<>(List.of(move));
            other.addAll(EndingSolver.line(position.play(move), truth));
            if (isOtherPlan(position, line, other)) {
                return Optional.of(other);
            }
        }
        return Optional.empty();
    }

    private static boolean isOtherPlan(Position start, List<Move> line, List<Move> other) {
        Side side = start.sideToMove();
        Optional<Integer> pawn = promoted(start, line, side);
        Optional<Integer> otherPawn = promoted(start, other, side);
        if (pawn.isEmpty() || otherPawn.isEmpty()) {
            return false;
        }
        return !pawn.equals(otherPawn) || kingFilesApart(start, line, other, side) >= APART;
    }

    /** The file on which a side's pawn promotes first. */
    private static Optional<Integer> promoted(Position start, List<Move> line, Side side) {
        Side now = start.sideToMove();
        for (Move move : line) {
            if (now == side && move.promotion().isPresent()) {
                return Optional.of(Square.file(move.to()));
            }
            now = now.other();
        }
        return Optional.empty();
    }

    private static int kingFilesApart(
            Position start, List<Move> line, List<Move> other, Side side) {
        return Math.abs(
                Square.file(kingAtEnd(start, line, side))
                        - Square.file(kingAtEnd(start, other, side)));
    }

    private static int kingAtEnd(Position start, List<Move> line, Side side) {
        return Squares.first(start.play(line).pieces(side, PieceType.KING));
    }
}
