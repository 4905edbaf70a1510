package org.zeroply.coach.evaluation;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * The best moves of a position, told apart.
 *
 * @param position the position; it has a legal move
 * @param moves the best moves, best first; at least one
 * @param legal legal moves in all
 * @param leaders the move that led at each depth, from one ply on; empty where the tables know
 * @param sureness whether all this held while it was looked at longer
 */
public record Choice(
        Position position,
        List<Weighed> moves,
        int legal,
        List<Analysis.DepthBest> leaders,
        Sureness sureness) {

    /** What leads at this many plies, but not later, only looks good. */
    private static final int SHALLOW = 7;

    public Choice {
        moves = List.copyOf(moves);
        leaders = List.copyOf(leaders);
    }

    /** The best move. */
    public Weighed best() {
        return moves.get(0);
    }

    /** The second-best move, if there is another one. */
    public Optional<Weighed> second() {
        return moves.stream().skip(1).findFirst();
    }

    /** A move of those told apart. */
    public Optional<Weighed> of(Move move) {
        return moves.stream().filter(w -> w.move().equals(move)).findFirst();
    }

    /** The moves beside the best one that are as good within a margin of expected score. */
    public List<Weighed> asGood(double margin) {
        return moves.stream().skip(1).filter(w -> w.matches(best(), margin)).toList();
    }

    /** Expected score between the best move and the next, 0 to 1; 1 for an only move. */
    public double gap() {
        return second().map(s -> best().expected().over(s.expected())).orElse(1.0);
    }

    /** Whether the next-best move gives the result away. */
    public boolean decidesTheResult() {
        return second().map(s -> s.result() != best().result()).orElse(true);
    }

    /** How many of the moves told apart are hardly weaker than the best one. */
    public int width() {
        return width(best().expected());
    }

    /**
     * The same where a longer search found what the best move is worth: that move always counts.
     *
     * @param best what the best move is worth
     */
    public int width(ExpectedScore best) {
        long good =
                moves.stream()
                        .filter(
                                w ->
                                        !Loss.between(best, w.expected())
                                                .exceeds(MoveComparison.WEAKER))
                        .count();
        return (int) Math.max(1, good);
    }

    /** The last other move that led on the way to the best one. */
    public Optional<Analysis.DepthBest> rival() {
        return leaders.stream()
                .filter(l -> !l.move().equals(best().move()))
                .reduce((earlier, later) -> later);
    }

    /** The depth in plies from which on the best move stays best; 1 when it leads throughout. */
    public int depthFound() {
        return rival().map(l -> l.depth() + 1).orElse(1);
    }

    /** The other moves that led on the way at so few plies that they look good at first. */
    public List<Move> temptations() {
        return leaders.stream()
                .filter(l -> l.depth() <= SHALLOW)
                .map(Analysis.DepthBest::move)
                .filter(m -> !m.equals(best().move()))
                .distinct()
                .toList();
    }

    /** The result that the best move promises. */
    public ResultClass result() {
        return best().result();
    }
}
