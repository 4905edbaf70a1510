package org.zeroply.coach.ending;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/**
 * A king-and-pawn ending solved backwards: all sets of pawns that can arise, fewest pawns first,
 * and for each all placements of the kings. Where the graph had to be cut off, or a promotion could
 * not be judged, the ending is solved twice, with what is unknown won for one side and then for the
 * other: what comes out the same both times is certain.
 */
public final class PawnEnding implements Truth {

    /** Sets of pawns followed; each takes some 25 KiB while solved, 16 KiB kept. */
    static final int MOST_SETS = 6_000;

    private final Exits forWhite;
    private final Exits forBlack;
    private final boolean exact;

    private PawnEnding(Exits forWhite, Exits forBlack, boolean exact) {
        this.forWhite = forWhite;
        this.forBlack = forBlack;
        this.exact = exact;
    }

    /** Whether a position has nothing but kings and pawns, and at least one pawn. */
    public static boolean covers(Position position) {
        int pawns = 0;
        for (Side side : Side.values()) {
            pawns += position.count(side, PieceType.PAWN);
            for (PieceType type :
                    List.of(PieceType.KNIGHT, PieceType.BISHOP, PieceType.ROOK, PieceType.QUEEN)) {
                if (position.count(side, type) > 0) {
                    return false;
                }
            }
        }
        return pawns > 0;
    }

    /**
     * Solves an ending that it {@link #covers}; when the position cannot be decided exactly, it is
     * solved again with rules of thumb and short searches where promotions are not known.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    static Optional<PawnEnding> solve(
            Position position,
            Engine engine,
            Endings tables,
            DoubleConsumer progress,
            Cancellation cancellation) {
        List<Pawns> sets = sets(Pawns.of(position), MOST_SETS);
        Judge judge = new Judge(Optional.of(engine), tables, cancellation);
        PawnEnding ending = new PawnEnding(new Exits(judge, 0), new Exits(judge, 0), false);
        // A graph that had to be cut off settles nothing without guessing.
        int first = sets.size() < MOST_SETS ? 0 : 1;
        for (int guessing = first; guessing < 2; guessing++) {
            judge.mayGuess(guessing == 1);
            double begun = guessing / 2.0;
            ending =
                    ending.again(
                            sets,
                            judge,
                            guessing == 0,
                            p -> progress.accept(begun + p / 2),
                            cancellation);
            if (cancellation.isCancelled()) {
                return Optional.empty();
            }
            if (ending.isSettled(position)) {
                break;
            }
        }
        return Optional.of(ending);
    }

    /**
     * Solves an ending that it {@link #covers} without any guess.
     *
     * @param most sets of pawns to follow at most
     * @return nothing when there are more sets, or when cancelled
     */
    static Optional<PawnEnding> exactly(
            Position position, Endings tables, int most, Cancellation cancellation) {
        List<Pawns> sets = sets(Pawns.of(position), most + 1);
        if (sets.size() > most) {
            return Optional.empty();
        }
        Judge judge = new Judge(Optional.empty(), tables, cancellation);
        PawnEnding ending =
                new PawnEnding(new Exits(judge, 0), new Exits(judge, 0), true)
                        .again(sets, judge, true, p -> {}, cancellation);
        return Optional.of(ending).filter(e -> !cancellation.isCancelled());
    }

    /** Solved once more; what this solution is certain of stays. */
    private PawnEnding again(
            List<Pawns> sets,
            Judge judge,
            boolean exactly,
            DoubleConsumer progress,
            Cancellation cancellation) {
        Exits white =
                solve(
                        sets,
                        new Exits(judge, 0),
                        forWhite,
                        p -> progress.accept(p / 2),
                        cancellation);
        Exits black =
                solve(
                        sets,
                        new Exits(judge, 1),
                        white,
                        p -> progress.accept(0.5 + p / 2),
                        cancellation);
        return new PawnEnding(white, black, exactly);
    }

    /** The sets of pawns reached, those with fewest pawns and most advanced ones first. */
    private static List<Pawns> sets(Pawns start, int most) {
        Set<Pawns> seen = new LinkedHashSet<>(List.of(start));
        Deque<Pawns> open = new ArrayDeque<>(seen);
        while (!open.isEmpty()) {
            for (Pawns next : next(open.remove())) {
                if (next.all() != 0 && seen.size() < most && seen.add(next)) {
                    open.add(next);
                }
            }
        }
        List<Pawns> sets = new ArrayList<>(seen);
        sets.sort(
                Comparator.comparingInt(Pawns::count)
                        .thenComparing(Comparator.comparingInt(Pawns::advance).reversed()));
        return sets;
    }

    private static List<Pawns> next(Pawns pawns) {
        List<Pawns> next = new ArrayList<>();
        for (int side = 0; side < 2; side++) {
            for (Pawns.Step step : pawns.steps(side)) {
                next.add(step.after());
                step.passing().forEach(p -> next.add(p.after()));
            }
            for (int square : Squares.list(pawns.of(side))) {
                next.add(pawns.without(side, square));
            }
        }
        return next;
    }

    /** Solves all sets, those aside for which an earlier solution assumed nothing. */
    private static Exits solve(
            List<Pawns> sets,
            Exits exits,
            Exits earlier,
            DoubleConsumer progress,
            Cancellation cancellation) {
        KingTableSolver solver = new KingTableSolver(exits);
        for (int i = 0; i < sets.size() && !cancellation.isCancelled(); i++) {
            Pawns set = sets.get(i);
            KingTable table =
                    earlier.table(set)
                            .filter(KingTable::isCertain)
                            .orElseGet(() -> solver.solve(set));
            exits.add(set, table);
            if (i % 16 == 0) {
                progress.accept(i / (double) sets.size());
            }
        }
        return exits;
    }

    /** Whether the graph goes on from a position with nothing but kings and pawns. */
    boolean reaches(Position position) {
        return forWhite.table(Pawns.of(position)).isPresent();
    }

    // ---- Asking ---------------------------------------------------------------------------------

    @Override
    public boolean isExact() {
        return exact;
    }

    @Override
    public boolean isSettled(Position position) {
        Side side = position.sideToMove();
        int worst = value(position, forWhoever(side.other()));
        return Integer.signum(worst) == Integer.signum(value(position, forWhoever(side)));
    }

    /** What is unknown counts against the side to move. */
    @Override
    public int value(Position position) {
        return value(position, forWhoever(position.sideToMove().other()));
    }

    @Override
    public int after(Position position, Move move) {
        return after(position, move, forWhoever(position.sideToMove().other()));
    }

    /** Whether the result after a legal move is certain. */
    boolean isSettledAfter(Position position, Move move) {
        Side side = position.sideToMove();
        int worst = after(position, move, forWhoever(side.other()));
        return Integer.signum(worst) == Integer.signum(after(position, move, forWhoever(side)));
    }

    private static int after(Position position, Move move, Exits exits) {
        Position next = position.play(move);
        if (covers(next)) {
            return value(next, exits);
        }
        if (move.promotion().isEmpty()) {
            return 0;
        }
        Pawns left = Pawns.of(next);
        return exits.promoted(
                move.promotion().get(),
                left,
                exits.table(left).orElse(null),
                move.to(),
                position.sideToMove().ordinal(),
                king(position, Side.WHITE),
                king(position, Side.BLACK));
    }

    /** The exits of the solution in which the unknown is won for a side. */
    private Exits forWhoever(Side side) {
        return side == Side.WHITE ? forWhite : forBlack;
    }

    private static int value(Position position, Exits exits) {
        int white = king(position, Side.WHITE);
        int black = king(position, Side.BLACK);
        int side = position.sideToMove().ordinal();
        int value = exits.value(Pawns.of(position), side, white, black);
        if (position.enPassantSquare() >= 0) {
            // The tables do not know of the one capture that can be made only now.
            for (Move move : position.legalMoves()) {
                if (move.isCapture() && move.to() == position.enPassantSquare()) {
                    int caught = value(position.play(move), exits);
                    value = Plies.better(value, Plies.back(caught));
                }
            }
        }
        return value;
    }

    private static int king(Position position, Side side) {
        return Squares.first(position.pieces(side, PieceType.KING));
    }

    /**
     * The result for a side to move with the kings placed anew, as in {@link Plies}, or {@link
     * KingTable#ILLEGAL}; what is unknown counts against that side.
     */
    int value(Position position, Side side, int white, int black) {
        Exits exits = forWhoever(side.other());
        return exits.value(Pawns.of(position), side.ordinal(), white, black);
    }

    /**
     * Whether a side that loses when it is to move here would hold if it could stand still here
     * whenever it wanted.
     */
    boolean holdsByStanding(Position position, Side side) {
        return holdsByStanding(
                position, side, king(position, Side.WHITE), king(position, Side.BLACK));
    }

    /** The same with the kings placed anew. */
    boolean holdsByStanding(Position position, Side side, int white, int black) {
        int held = KingTable.index(side.ordinal(), white, black);
        // What is unknown counts for the attacker: a zugzwang is claimed only where it is certain.
        Exits exits = forWhoever(side.other());
        KingTable table = new KingTableSolver(exits).solve(Pawns.of(position), held);
        int attacker = table.value(side.other().ordinal(), white, black);
        return attacker != KingTable.ILLEGAL && attacker <= 0;
    }
}
