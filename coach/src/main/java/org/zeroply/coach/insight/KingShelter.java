package org.zeroply.coach.insight;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** What a move does to the pawns before the kings. */
final class KingShelter {

    private final Scene before;
    private final Scene after;
    private final Move move;
    private final Side side;

    /**
     * @param side who moves
     */
    KingShelter(Scene before, Scene after, Move move, Side side) {
        this.before = before;
        this.after = after;
        this.move = move;
        this.side = side;
    }

    /** Whether a side's king needs shelter. */
    boolean matters(Side whose) {
        return after.hasHeavyPieces(whose.other());
    }

    /** Whether a king stands on a wing and the other side could attack it there. */
    private boolean isSheltered(Side whose, int king) {
        return matters(whose) && (Square.file(king) <= 2 || Square.file(king) >= 6);
    }

    /** Whether the king that moves its pawns has a square off its first rank now. */
    boolean gainsAir() {
        return !hasAir(before) && hasAir(after) && matters(side);
    }

    /** Whether the king has a square off its first rank; one in the open needs none. */
    private boolean hasAir(Scene scene) {
        long first = Squares.ofRank(side, 0);
        return !Squares.has(first, scene.king(side)) || (scene.flights(side) & ~first) != 0;
    }

    /** A pawn leaves the cover of a king that needs it on its wing. */
    Optional<String> lost(Side whose) {
        int king = before.king(whose);
        if (king != after.king(whose) || !isSheltered(whose, king)) {
            return Optional.empty();
        }
        long was = cover(before, whose, king);
        long is = cover(after, whose, king);
        long left = was & ~is;
        return left == 0 || Long.bitCount(was) == Long.bitCount(is)
                ? Optional.empty()
                : Optional.of(
                        CoachWords.of(
                                whose == side
                                        ? "insight.the-cover-of-its-king"
                                        : "insight.the-cover-of-the-enemys",
                                Square.name(Squares.first(left))));
    }

    private static long cover(Scene scene, Side side, int king) {
        long files = Squares.filesAround(king);
        long ranks = Squares.ofRank(side, 1) | Squares.ofRank(side, 2);
        return scene.pawns(side) & files & ranks & Squares.front(side, king);
    }

    /**
     * A pawn before the castled king goes one step: once its neighbour moves too, no pawn guards
     * it.
     */
    Optional<String> hook() {
        int king = after.king(side);
        boolean step =
                before.typeAt(move.from()) == PieceType.PAWN
                        && !move.isCapture()
                        && Squares.rank(side, move.to()) == 2
                        && Squares.rank(side, king) == 0
                        && Math.abs(Square.file(move.to()) - Square.file(king)) <= 1;
        long guards = Squares.pawnAttacks(side.other(), 1L << move.to()) & after.pawns(side);
        if (!step || Long.bitCount(guards) != 1 || !isSheltered(side, king)) {
            return Optional.empty();
        }
        int neighbour = Squares.first(guards);
        return Optional.of(
                CoachWords.of(
                        "insight.the-move-without-loosening",
                        Square.name(Squares.stop(side, neighbour)),
                        Square.name(move.to())));
    }
}
