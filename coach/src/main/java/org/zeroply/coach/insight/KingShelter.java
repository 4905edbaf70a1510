package org.zeroply.coach.insight;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

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

    /** Whether a side's king needs shelter: the other side has a queen or two rooks. */
    boolean matters(Side whose) {
        Side other = whose.other();
        return after.men(other, PieceType.QUEEN) != 0 || Long.bitCount(after.majors(other)) > 1;
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

    /** A pawn leaves the cover of a castled king while the other side has majors. */
    Optional<String> lost(Side whose) {
        int king = before.king(whose);
        boolean castled = Square.file(king) <= 2 || Square.file(king) >= 6;
        if (!castled || king != after.king(whose) || !matters(whose)) {
            return Optional.empty();
        }
        long cover = cover(before, whose, king) & ~cover(after, whose, king);
        boolean advanced = cover(after, whose, king) != 0 && sameCount(whose, king);
        return cover == 0 || advanced
                ? Optional.empty()
                : Optional.of(
                        "the cover of "
                                + (whose == side ? "its" : "the enemy's")
                                + " king on "
                                + Square.name(Squares.first(cover)));
    }

    private boolean sameCount(Side whose, int king) {
        return Long.bitCount(cover(before, whose, king))
                == Long.bitCount(cover(after, whose, king));
    }

    private static long cover(Scene scene, Side side, int king) {
        long files = Squares.file(king) | Squares.besideFiles(king);
        long ranks = Squares.ofRank(side, 1) | Squares.ofRank(side, 2);
        return scene.pawns(side) & files & ranks & Squares.front(side, king);
    }

    /**
     * A pawn before the castled king goes one step: once its neighbour moves too, no pawn guards
     * it.
     */
    Optional<String> hook() {
        int king = after.king(side);
        boolean castled = Square.file(king) <= 2 || Square.file(king) >= 6;
        boolean step =
                before.typeAt(move.from()) == PieceType.PAWN
                        && !move.isCapture()
                        && Squares.rank(side, move.to()) == 2
                        && Squares.rank(side, king) == 0
                        && Math.abs(Square.file(move.to()) - Square.file(king)) <= 1;
        long guards = Squares.pawnAttacks(side.other(), 1L << move.to()) & after.pawns(side);
        if (!castled || !step || Long.bitCount(guards) != 1 || !matters(side)) {
            return Optional.empty();
        }
        int neighbour = Squares.first(guards);
        return Optional.of(
                "the move "
                        + Square.name(Squares.stop(side, neighbour))
                        + " without loosening "
                        + Square.name(move.to()));
    }
}
