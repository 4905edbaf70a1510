package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;

/**
 * Pawn endings that can be solved in about a second without guessing, asked move by move. The last
 * ones stay solved: whatever can arise from an ending is answered with it.
 */
public final class ExactPawnEndings {

    /** Sets of pawns to follow at most; each takes some 2 ms. */
    private static final int MOST_SETS = 400;

    /** Endings that stay solved; each takes up to 32 KiB a set. */
    private static final int KEPT = 2;

    private record Ending(Pawns pawns, int tables) {}

    /** The last ones; empty for those that are too large. */
    private static final Map<Ending, Optional<PawnEnding>> SOLVED =
            new LinkedHashMap<>() {
                @Override
                protected boolean removeEldestEntry(Map.Entry<Ending, Optional<PawnEnding>> e) {
                    return size() > KEPT;
                }
            };

    private ExactPawnEndings() {}

    /**
     * A move and what it leads to.
     *
     * @param sign 1 for a win of the side that plays it, 0 for a draw, -1 for a loss
     * @param plies to mate or to a promotion that wins, with the move itself; 0 for a draw
     */
    public record Known(Move move, int sign, int plies) {}

    /** The moves of which it is certain what they lead to, in no order; none when cancelled. */
    public static List<Known> moves(Position position, Endings tables, Cancellation cancellation) {
        return ending(position, tables, cancellation)
                .map(e -> moves(position, e))
                .orElse(List.of());
    }

    private static List<Known> moves(Position position, PawnEnding ending) {
        List<Known> all = new ArrayList<>();
        for (Move move : position.legalMoves()) {
            if (ending.isSettledAfter(position, move)) {
                int value = Plies.back(ending.after(position, move));
                all.add(new Known(move, Integer.signum(value), Plies.distance(value)));
            }
        }
        return all;
    }

    /**
     * How a position that one side wins goes on, up to a promotion at most; none when it is not
     * known, or when cancelled.
     */
    public static List<Move> line(Position position, Endings tables, Cancellation cancellation) {
        return ending(position, tables, cancellation)
                .map(e -> EndingSolver.line(position, e))
                .orElse(List.of());
    }

    private static Optional<PawnEnding> ending(
            Position position, Endings tables, Cancellation cancellation) {
        return PawnEnding.covers(position)
                ? solved(position, tables, cancellation)
                : Optional.empty();
    }

    private static synchronized Optional<PawnEnding> solved(
            Position position, Endings tables, Cancellation cancellation) {
        Ending asked = new Ending(Pawns.of(position), tables.mostMen());
        for (Map.Entry<Ending, Optional<PawnEnding>> known : SOLVED.entrySet()) {
            boolean answers =
                    known.getKey().equals(asked)
                            || known.getKey().tables() == asked.tables()
                                    && known.getValue()
                                            .filter(e -> e.reaches(position))
                                            .isPresent();
            if (answers) {
                return known.getValue();
            }
        }
        Optional<PawnEnding> solved = PawnEnding.exactly(position, tables, MOST_SETS, cancellation);
        if (!cancellation.isCancelled()) {
            SOLVED.put(asked, solved);
        }
        return solved;
    }
}
