package org.zeroply.coach.pattern;

import java.util.Locale;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/**
 * A position of the ending of rook and pawn against rook that books have a name for; exactly what
 * is in {@code docs/find.md}. Nothing is said of how it ends.
 *
 * @param side who has the pawn, or who defends in the other two
 */
record RookEnding(Side side, Kind kind) implements Condition {

    /** Which one. */
    enum Kind {
        /** The pawn is about to promote, its king before it, the other king cut off. */
        LUCENA,
        /** The rook holds the third rank, the king stands before the pawn. */
        PHILIDOR,
        /** The rook attacks a rook's pawn from the side, the other rook stands before the pawn. */
        VANCURA;

        String words() {
            String name = name();
            return name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT) + " position";
        }
    }

    /** The king that is cut off stands so many files from the pawn at least. */
    private static final int CUT_OFF = 2;

    /** The king that stays on the other wing stands so many files from the pawn at least. */
    private static final int FAR = 4;

    @Override
    public boolean holds(Situation situation) {
        Board board = situation.board();
        Side pawns = kind == Kind.LUCENA ? side : side.other();
        if (!MaterialCondition.Exactly.of(pawns, "RP", "R").holds(situation)) {
            return false;
        }
        int pawn = Long.numberOfTrailingZeros(board.piecesOfType(PieceType.PAWN.ordinal()));
        return switch (kind) {
            case LUCENA -> isLucena(board, pawn);
            case PHILIDOR -> isPhilidor(board, pawn);
            case VANCURA -> isVancura(board, pawn);
        };
    }

    private boolean isLucena(Board board, int pawn) {
        int file = Square.file(pawn);
        int own = board.kingSquare(side.ordinal());
        int other = board.kingSquare(side.other().ordinal());
        return file != 0
                && file != 7
                && Squares.rank(side, pawn) == 6
                && Squares.rank(side, own) == 7
                && Square.file(own) == file
                && Math.abs(Square.file(other) - file) >= CUT_OFF;
    }

    private boolean isPhilidor(Board board, int pawn) {
        Side attacker = side.other();
        int own = board.kingSquare(side.ordinal());
        int other = board.kingSquare(attacker.ordinal());
        long rook = rooks(board, side);
        return Squares.rank(attacker, pawn) <= 4
                && Squares.rank(attacker, other) <= 4
                && Squares.rank(side, own) <= 1
                && Math.abs(Square.file(own) - Square.file(pawn)) <= 1
                && Squares.rank(side, Long.numberOfTrailingZeros(rook)) == 2;
    }

    private boolean isVancura(Board board, int pawn) {
        Side attacker = side.other();
        int file = Square.file(pawn);
        int own = board.kingSquare(side.ordinal());
        long beside = Attacks.rook(pawn, board.occupied()) & ~Squares.file(pawn);
        return (file == 0 || file == 7)
                && Squares.rank(attacker, pawn) == 5
                && Squares.rank(side, own) <= 1
                && Math.abs(Square.file(own) - file) >= FAR
                && (rooks(board, side) & beside) != 0
                && (rooks(board, attacker) & Squares.front(attacker, pawn)) != 0;
    }

    private static long rooks(Board board, Side side) {
        return board.pieces(side.ordinal(), PieceType.ROOK.ordinal());
    }

    @Override
    public String text() {
        return side.smallWord() + " " + kind.words();
    }

    @Override
    public Condition under(Symmetry way) {
        return new RookEnding(way.side(side), kind);
    }
}
