package org.zeroply.coach.pattern;

import java.util.Locale;
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
 * @param side who has the pawn, or in {@link Kind#PHILIDOR} who defends
 */
record RookEnding(Side side, Kind kind) implements Condition {

    /** Which one. */
    enum Kind {
        /** The pawn is about to promote, its king before it, the other king cut off. */
        LUCENA,
        /** The rook holds the third rank, the king stands before the pawn. */
        PHILIDOR;

        String words() {
            String name = name();
            return name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT) + " position";
        }
    }

    /** The king that is cut off stands so many files from the pawn at least. */
    private static final int CUT_OFF = 2;

    @Override
    public boolean holds(Situation situation) {
        Board board = situation.board();
        Side pawns = kind == Kind.LUCENA ? side : side.other();
        if (!MaterialCondition.Exactly.of(pawns, "RP", "R").holds(situation)) {
            return false;
        }
        int pawn = Long.numberOfTrailingZeros(board.piecesOfType(PieceType.PAWN.ordinal()));
        return kind == Kind.LUCENA ? isLucena(board, pawn) : isPhilidor(board, pawn);
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
        long rook = board.pieces(side.ordinal(), PieceType.ROOK.ordinal());
        return Squares.rank(attacker, pawn) <= 4
                && Squares.rank(attacker, other) <= 4
                && Squares.rank(side, own) <= 1
                && Math.abs(Square.file(own) - Square.file(pawn)) <= 1
                && Squares.rank(side, Long.numberOfTrailingZeros(rook)) == 2;
    }

    @Override
    public String text() {
        return Condition.word(side) + " " + kind.words();
    }

    @Override
    public Condition under(Symmetry way) {
        return new RookEnding(way.side(side), kind);
    }
}
