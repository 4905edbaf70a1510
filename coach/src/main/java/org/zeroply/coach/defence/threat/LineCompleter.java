package org.zeroply.coach.defence.threat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.engine.analysis.Score;

/** Carries a line on until it shows what it was said to bring: the mate, or the men won. */
public final class LineCompleter {

    /** Plies beyond which a line is not made longer: our choice. */
    private static final int LONGEST = 31;

    /** Hundredths of a pawn that a line has to have won to show what it is about: a pawn. */
    private static final int SHOWS = 100;

    /** So many times a line is gone on with: our choice. */
    private static final int SEARCHES = 3;

    /** Hundredths of a point after which nothing more needs to be shown. */
    private static final int ENOUGH = 300;

    /** Plies shown of a line that wins nothing. */
    private static final int NOTHING_SHOWN = 10;

    private final MoveEvaluator evaluator;

    public LineCompleter(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** The line played on to the mate, where that is found. */
    public List<Move> complete(Position start, List<Move> line) {
        List<Move> moves = new ArrayList<>(line);
        Position end = start.play(moves);
        while (moves.size() < LONGEST && !end.legalMoves().isEmpty()) {
            Optional<Weighed> next = evaluator.among(end, end.legalMoves());
            boolean mates = next.isPresent() && next.get().score() instanceof Score.Mate;
            if (!mates || next.get().line().isEmpty()) {
                break;
            }
            List<Move> more = next.get().line();
            moves.addAll(more.subList(0, Math.min(more.size(), LONGEST - moves.size())));
            end = start.play(moves);
        }
        return moves;
    }

    /**
     * A refutation carried on until material is won, and cut where it is won for good.
     *
     * @param start the position it begins in; the side that refutes is to move
     */
    public List<Move> show(Position start, List<Move> refutation) {
        List<Move> moves = new ArrayList<>(refutation);
        for (int i = 0; i < SEARCHES && LineGain.hundredths(start, moves) < SHOWS; i++) {
            Position end = start.play(moves);
            Optional<Weighed> next = evaluator.among(end, end.legalMoves());
            if (next.isEmpty() || moves.size() + next.get().line().size() > LONGEST) {
                break;
            }
            moves.addAll(next.get().line());
        }
        return cut(start, moves);
    }

    /** Up to where as much is won as in the end, and never less after that. */
    public static List<Move> cut(Position start, List<Move> moves) {
        int whole = LineGain.hundredths(start, moves);
        if (whole < SHOWS) {
            return Line.start(moves, NOTHING_SHOWN);
        }
        int wanted = Math.min(whole, ENOUGH);
        int end = moves.size();
        while (end > 2 && LineGain.hundredths(start, moves.subList(0, end - 2)) >= wanted) {
            end -= 2;
        }
        return moves.subList(0, end);
    }
}
