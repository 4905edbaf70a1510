package org.zeroply.coach.fact;

import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;

/**
 * A position as the finders of facts see it: who stands where and attacks what, worked out once.
 * Not to be changed; the board it hands out must be left as it was.
 */
public final class Scene {

    /** Values for comparing pieces, in pawns: pawn, knight, bishop, rook, queen, king. */
    private static final int[] VALUE = {1, 3, 3, 5, 9, 100};

    /** Pieces of which an attack on a king is made at least; our choice. */
    private static final int ATTACKERS = 3;

    private final Position position;
    private final Board board;
    private final long[] attacks = new long[64];
    private final long[] attacked = new long[2];
    private final long[] byPawns = new long[2];
    private final long[] pawnSpan = new long[2];

    public Scene(Position position) {
        this.position = position;
        board = position.toBoard();
        for (Side side : Side.values()) {
            int s = side.ordinal();
            byPawns[s] = Squares.pawnAttacks(side, pawns(side));
            pawnSpan[s] = byPawns[s];
            for (long set = pawns(side); set != 0; set &= set - 1) {
                int square = Squares.first(set);
                pawnSpan[s] |= Squares.front(side, square) & Squares.besideFiles(square);
            }
            for (long set = men(side); set != 0; set &= set - 1) {
                int square = Squares.first(set);
                attacks[square] = attacksOf(typeAt(square), side, square, board.occupied());
                attacked[s] |= attacks[square];
            }
        }
    }

    /** Squares a man attacks or would attack with these squares occupied. */
    public static long attacksOf(PieceType type, Side side, int square, long occupied) {
        return type == PieceType.PAWN
                ? Attacks.pawn(side.ordinal(), square)
                : Attacks.of(type.ordinal(), square, occupied);
    }

    /** The position. */
    public Position position() {
        return position;
    }

    /** The position on a board; play and take back on a copy only. */
    public Board board() {
        return board;
    }

    /** All occupied squares. */
    public long occupied() {
        return board.occupied();
    }

    /** All men of a side. */
    public long men(Side side) {
        return board.pieces(side.ordinal());
    }

    /** Men of a side and type. */
    public long men(Side side, PieceType type) {
        return board.pieces(side.ordinal(), type.ordinal());
    }

    /** Pawns of a side. */
    public long pawns(Side side) {
        return men(side, PieceType.PAWN);
    }

    /** Pawns of both sides. */
    public long pawns() {
        return pawns(Side.WHITE) | pawns(Side.BLACK);
    }

    /** Men of a side that are neither pawns nor the king. */
    public long pieces(Side side) {
        return men(side) & ~pawns(side) & ~men(side, PieceType.KING);
    }

    /** Knights and bishops of a side. */
    public long minors(Side side) {
        return men(side, PieceType.KNIGHT) | men(side, PieceType.BISHOP);
    }

    /** Rooks and queens of a side. */
    public long majors(Side side) {
        return men(side, PieceType.ROOK) | men(side, PieceType.QUEEN);
    }

    /** Whether a side has a queen, or two rooks: a king needs its cover against these. */
    public boolean hasHeavyPieces(Side side) {
        return men(side, PieceType.QUEEN) != 0 || Long.bitCount(majors(side)) > 1;
    }

    /** Whether a side has what it takes to go for the king: heavy pieces, and three in all. */
    public boolean canAttackKing(Side side) {
        return hasHeavyPieces(side) && Long.bitCount(pieces(side)) >= ATTACKERS;
    }

    /** Square of a side's king. */
    public int king(Side side) {
        return board.kingSquare(side.ordinal());
    }

    /** Squares that a side's king can step to without being taken, whoever is to move. */
    public long flights(Side side) {
        int king = king(side);
        long occupied = occupied() & ~(1L << king);
        long free = 0;
        for (long set = Attacks.king(king) & ~men(side); set != 0; set &= set - 1) {
            int square = Squares.first(set);
            if (!board.isAttacked(square, side.other().ordinal(), occupied)) {
                free |= 1L << square;
            }
        }
        return free;
    }

    /** Whether a man other than a king would give up its king if it were not where it is. */
    public boolean isPinned(int square) {
        Side side = sideAt(square);
        long without = occupied() & ~(1L << square);
        long now = board.attackersTo(king(side), occupied());
        long then = board.attackersTo(king(side), without);
        return (then & ~now & men(side.other())) != 0;
    }

    /**
     * Whether a man attacks a square, if need be through men of its own side that attack it too.
     */
    public boolean guards(int man, int square) {
        if (Squares.has(attacks(man), square)) {
            return true;
        }
        long between = Attacks.between(man, square) & occupied();
        long through = attacksOf(typeAt(man), sideAt(man), man, occupied() & ~between);
        boolean helped =
                between != 0
                        && Squares.list(between).stream()
                                .allMatch(
                                        b ->
                                                sideAt(b) == sideAt(man)
                                                        && Squares.has(attacks(b), square));
        return helped && Squares.has(through, square);
    }

    /** What stands on an occupied square. */
    public PieceType typeAt(int square) {
        return PieceType.of(board.typeAt(square));
    }

    /** Whose man stands on an occupied square. */
    public Side sideAt(int square) {
        return Side.of(board.codeAt(square) >> 3);
    }

    /** Value of the man on an occupied square in pawns, the king worth more than all others. */
    public int valueAt(int square) {
        return VALUE[board.typeAt(square)];
    }

    /** Value of a type in pawns. */
    public static int value(PieceType type) {
        return VALUE[type.ordinal()];
    }

    /** Squares that the man on a square attacks, own men guarded by it included. */
    public long attacks(int square) {
        return attacks[square];
    }

    /** Squares attacked or guarded by a side. */
    public long attackedBy(Side side) {
        return attacked[side.ordinal()];
    }

    /** Squares attacked or guarded by a side's pawns. */
    public long byPawns(Side side) {
        return byPawns[side.ordinal()];
    }

    /** Squares that a side's pawns guard or can come to guard by moving straight on. */
    public long pawnSpan(Side side) {
        return pawnSpan[side.ordinal()];
    }

    /** Men of a side that attack or guard a square. */
    public long attackers(Side side, int square) {
        return board.attackersTo(square, board.occupied()) & men(side);
    }

    /** The man on an occupied square with its place: {@code knight f3}. */
    public String man(int square) {
        return position.pieceAt(square).map(Piece::type).map(PieceType::word).orElse("nothing")
                + " "
                + Square.name(square);
    }

    /** Men with their places in a row: {@code knight f3 and pawn e4}. */
    public String men(long set) {
        return Squares.join(Squares.list(set).stream().map(this::man).toList());
    }

    /**
     * The position with this side to move, as if the other passed; empty when that cannot be,
     * because the other side is in check.
     */
    public Optional<Position> withMove(Side side) {
        if (position.sideToMove() == side) {
            return Optional.of(position);
        }
        return position.inCheck() ? Optional.empty() : Optional.of(position.play(Move.NULL));
    }
}
