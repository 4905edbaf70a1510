package org.zeroply.coach.defence.whatif;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * Proposes variants of a position: the smallest changes that turn the verdict on a defence. A king
 * one square over or a pawn more or less is a small change, a piece less a larger one.
 */
public final class VariantProposer {

    /** A first look takes this part of the nodes: our choice. */
    private static final int BRIEF = 8;

    /** Pawns are added within so many squares of a king. */
    private static final int NEAR = 2;

    private final MoveEvaluator evaluator;
    private final MoveEvaluator brief;

    /**
     * @param evaluator with the nodes for each verdict
     */
    public VariantProposer(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
        brief = evaluator.brief(BRIEF);
    }

    /** The defences worth a column: what holds, and what looks like it. */
    public static List<Move> defences(Elimination elimination, int most) {
        List<Candidate> held = elimination.held();
        List<Candidate> tempting =
                elimination.candidates().stream().filter(Candidate::tempts).toList();
        List<Move> moves = new ArrayList<>();
        held.stream().limit((most + 1) / 2).forEach(c -> moves.add(c.move()));
        tempting.stream().limit(most - moves.size()).forEach(c -> moves.add(c.move()));
        return moves;
    }

    private record Change(WhatIf.Row row, int size, int turned) {}

    /**
     * The table of a position with the variants that turn a verdict, the smallest changes first.
     *
     * @param most variants proposed at most
     * @param progress told the part done, 0 to 1
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public WhatIf propose(
            Position base, List<Move> defences, Holding wanted, int most, DoubleConsumer progress) {
        List<WhatIf.State> states = states(base, base, defences, wanted);
        List<Change> changes = new ArrayList<>();
        List<Change> all = changes(base);
        for (int i = 0; i < all.size(); i++) {
            Change change = all.get(i);
            List<WhatIf.State> now = states(change.row().position(), base, defences, wanted);
            int turned = turned(states, now);
            if (turned > 0) {
                changes.add(new Change(change.row(), change.size(), turned));
            }
            progress.accept(0.7 * (i + 1) / all.size());
        }
        changes.sort(
                Comparator.comparingInt(Change::size)
                        .thenComparing(Comparator.comparingInt(Change::turned).reversed()));
        WhatIf.Row first = new WhatIf.Row(CoachWords.of("defence.as-it-is"), base);
        WhatIf table = WhatIf.of(List.of(first), defences, wanted, evaluator, p -> {});
        for (Change change : changes) {
            if (table.rows().size() > most) {
                break;
            }
            WhatIf more = table.with(change.row(), evaluator);
            table = more.turned(more.rows().size() - 1) > 0 ? more : table;
            progress.accept(0.7 + 0.3 * table.rows().size() / (most + 1.0));
        }
        return table;
    }

    private List<WhatIf.State> states(
            Position position, Position base, List<Move> defences, Holding wanted) {
        boolean same = position.sideToMove() == base.sideToMove();
        Optional<Weighed> best = brief.choice(position, 1).filter(c -> same).map(Choice::best);
        return defences.stream()
                .map(
                        d ->
                                best.flatMap(b -> state(new MoveComparison(position, b), d, wanted))
                                        .orElse(WhatIf.State.IMPOSSIBLE))
                .toList();
    }

    private Optional<WhatIf.State> state(MoveComparison comparison, Move defence, Holding wanted) {
        Position position = comparison.position();
        return position.findMove(defence.from(), defence.to(), defence.promotion())
                .map(m -> WhatIf.state(comparison, brief.weigh(position, m), wanted));
    }

    /** A defence that cannot be played teaches nothing unless others change too. */
    private static int turned(List<WhatIf.State> was, List<WhatIf.State> is) {
        int turned = 0;
        for (int i = 0; i < was.size(); i++) {
            boolean decided =
                    isDecided(was.get(i)) && isDecided(is.get(i)) && was.get(i) != is.get(i);
            turned += decided ? 1 : 0;
        }
        return turned;
    }

    private static boolean isDecided(WhatIf.State state) {
        return state != WhatIf.State.UNCLEAR && state != WhatIf.State.IMPOSSIBLE;
    }

    // ---- Changes --------------------------------------------------------------------------------

    private static List<Change> changes(Position base) {
        List<Change> changes = new ArrayList<>();
        Scene scene = new Scene(base);
        for (Side side : Side.values()) {
            int king = scene.king(side);
            Piece man = new Piece(side, PieceType.KING);
            for (int to : Squares.list(Attacks.king(king) & ~scene.occupied())) {
                add(changes, base, Arrangement.of(base).without(king).with(man, to), 1);
            }
        }
        for (int square : Squares.list(scene.occupied())) {
            PieceType type = scene.typeAt(square);
            if (type == PieceType.PAWN) {
                step(changes, scene, square);
            }
            if (type != PieceType.KING) {
                add(changes, base, Arrangement.of(base).without(square), Scene.value(type));
            }
        }
        for (int square : Squares.list(~scene.occupied())) {
            boolean board = Square.rank(square) > 0 && Square.rank(square) < 7;
            for (Side side : Side.values()) {
                if (board && isNearKing(scene, square)) {
                    Piece pawn = new Piece(side, PieceType.PAWN);
                    add(changes, base, Arrangement.of(base).with(pawn, square), 1);
                }
            }
        }
        return changes;
    }

    /** A pawn one step on. */
    private static void step(List<Change> changes, Scene scene, int square) {
        Piece pawn = scene.position().pieceAt(square).orElseThrow();
        int stop = Squares.stop(pawn.side(), square);
        boolean free = stop > 7 && stop < 56 && !Squares.has(scene.occupied(), stop);
        if (free) {
            Arrangement changed = Arrangement.of(scene.position()).without(square).with(pawn, stop);
            add(changes, scene.position(), changed, 1);
        }
    }

    private static boolean isNearKing(Scene scene, int square) {
        return Squares.distance(square, scene.king(Side.WHITE)) <= NEAR
                || Squares.distance(square, scene.king(Side.BLACK)) <= NEAR;
    }

    private static void add(List<Change> changes, Position base, Arrangement changed, int size) {
        try {
            Position position = changed.position();
            if (!position.legalMoves().isEmpty()) {
                changes.add(new Change(WhatIf.Row.of(base, position), size, 0));
            }
        } catch (InvalidPositionException e) {
            // A king would stand in check of the side to move: there is no such position.
            return;
        }
    }
}
