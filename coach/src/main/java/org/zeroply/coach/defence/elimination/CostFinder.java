package org.zeroply.coach.defence.elimination;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.structure.SquareFacts;
import org.zeroply.coach.fact.tactics.DutyFacts;
import org.zeroply.coach.texts.CoachWords;

/** Tells what a defence costs. */
final class CostFinder {

    /** Hundredths of a point; less is a matter of trades. */
    private static final int LOSS = 100;

    private final Position position;
    private final Side side;
    private final Scene before;
    private final long cover;

    CostFinder(Position position) {
        this.position = position;
        side = position.sideToMove();
        before = new Scene(position);
        cover = cover(before, side);
    }

    /**
     * The pawns on the king's file and beside it, one and two ranks before it; none for a king that
     * has left its first two ranks or may still castle.
     */
    private static long cover(Scene scene, Side side) {
        int king = scene.king(side);
        int rank = Squares.rank(side, king);
        if (rank > 1 || scene.position().hasCastlingRight(side)) {
            return 0;
        }
        long files = Squares.filesAround(king);
        long ranks = Squares.ofRank(side, rank + 1) | Squares.ofRank(side, rank + 2);
        return files & ranks & scene.pawns(side);
    }

    /** Whether there are pawns before the king. */
    boolean hasCover() {
        return cover != 0;
    }

    /** Whether a move moves a pawn of the king's cover. */
    boolean movesCover(Move move) {
        return Squares.has(cover, move.from());
    }

    /** What a move costs, by its line. */
    List<Cost> of(Weighed weighed) {
        List<Cost> costs = new ArrayList<>();
        Scene after = new Scene(position.play(weighed.move()));
        material(weighed).ifPresent(costs::add);
        colour(weighed.move(), after).ifPresent(costs::add);
        if (movesCover(weighed.move())) {
            String pawn = before.man(weighed.move().from());
            costs.add(
                    new Cost(
                            Cost.Kind.PAWN_COVER,
                            CoachWords.of("defence.the-leaves-the-kings-cover", pawn)));
        }
        tied(weighed.move(), after).ifPresent(costs::add);
        backRank(weighed.move(), after).ifPresent(costs::add);
        return costs;
    }

    /** Material that is gone at the end of the line, a trade under way not counted. */
    private Optional<Cost> material(Weighed weighed) {
        List<Move> line = weighed.line();
        int loss = -balance(position);
        Position before = position;
        Position end = position;
        for (Move move : line) {
            before = end;
            end = end.play(move);
        }
        loss = -Math.max(balance(before), balance(end)) - loss;
        if (loss < LOSS) {
            return Optional.empty();
        }
        String words = MaterialBalance.of(end).words();
        return Optional.of(
                new Cost(
                        Cost.Kind.MATERIAL,
                        CoachWords.of("defence.of-material-then", Threat.points(loss), words)));
    }

    /** Hundredths of a point by which the side that defends is ahead. */
    private int balance(Position p) {
        return MaterialBalance.of(p).lead(side, MaterialScale.SCHOOL);
    }

    /** Squares of one colour near the king that no pawn can guard any more. */
    private Optional<Cost> colour(Move move, Scene after) {
        boolean pawn = before.typeAt(move.from()) == PieceType.PAWN;
        if (!pawn) {
            return Optional.empty();
        }
        int king = before.king(side);
        long near = 0;
        for (int square = 0; square < 64; square++) {
            near |= Squares.distance(king, square) <= 2 ? 1L << square : 0;
        }
        long given = 0;
        for (Fact fact : SquareFacts.givenUp(before, after, side)) {
            for (int square : fact.squares()) {
                given |= 1L << square;
            }
        }
        long left = given & near;
        if (left == 0) {
            return weakNow(after);
        }
        long light = left & Squares.LIGHT;
        String colours =
                light == 0
                        ? "dark"
                        : light == left ? "light" : CoachWords.of("defence.light-and-dark");
        return Optional.of(
                new Cost(
                        Cost.Kind.WEAK_COLOUR,
                        CoachWords.of("defence.squares-weakened", colours, Squares.names(left))));
    }

    private Optional<Cost> weakNow(Scene after) {
        List<String> was = weak(before);
        return weak(after).stream()
                .filter(t -> !was.contains(t))
                .findFirst()
                .map(t -> new Cost(Cost.Kind.WEAK_COLOUR, t));
    }

    private List<String> weak(Scene scene) {
        return SquareFacts.of(scene, side).stream()
                .filter(f -> f.kind() == FactKind.WEAK_COLOUR)
                .map(Fact::text)
                .toList();
    }

    /** The man that moved has a duty now that it did not have. */
    private Optional<Cost> tied(Move move, Scene after) {
        if (before.typeAt(move.from()) == PieceType.KING) {
            return Optional.empty();
        }
        List<Fact> duties = DutyFacts.of(after, side);
        return duties.stream()
                .filter(f -> f.squares().get(0) == move.to())
                .findFirst()
                .map(f -> new Cost(Cost.Kind.TIED_PIECE, f.text()));
    }

    /** The king stood on its back rank with a square beside it to go to, and has none now. */
    private Optional<Cost> backRank(Move move, Scene after) {
        boolean home = Squares.rank(side, before.king(side)) == 0;
        if (!home || before.king(side) != after.king(side)) {
            return Optional.empty();
        }
        boolean was = beside(before) != 0;
        boolean closed = was && beside(after) == 0;
        Piece man = position.pieceAt(move.from()).orElseThrow();
        return closed
                ? Optional.of(
                        new Cost(
                                Cost.Kind.BACK_RANK,
                                CoachWords.of(
                                        "defence.the-king-cannot-step-along",
                                        man.type().word(),
                                        Square.name(move.to()))))
                : Optional.empty();
    }

    private long beside(Scene scene) {
        return scene.flights(side) & Squares.ofRank(side, 0);
    }
}
