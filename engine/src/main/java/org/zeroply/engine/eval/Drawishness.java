package org.zeroply.engine.eval;

import org.zeroply.chess.board.Board;

/**
 * How much of an advantage counts with the material on the board: opposite bishops, a rook pawn of
 * the wrong colour, a lone minor piece, no pawns left to win with. The shares are our own choice.
 */
public final class Drawishness {

    /** The whole. */
    public static final int FULL = 64;

    static final String NAME = "Drawish material";

    private static final long FILE_A = Survey.FILE_A;
    private static final long FILE_H = Survey.FILE_H;

    private Drawishness() {}

    /**
     * How much of an advantage counts.
     *
     * @param white the advantage from White's view
     * @return 0 to {@link #FULL}
     */
    static int scale(Survey s, int white) {
        return white > 0 ? scale(s, s.white, s.black) : scale(s, s.black, s.white);
    }

    private static int scale(Survey s, Camp us, Camp them) {
        int material = ofMaterial(s.board, us.side);
        if (material < FULL || us.pawns == 0) {
            return material;
        }
        if (s.phase <= 6 && areBishopsOpposite(us, them)) {
            boolean onlyBishops = s.phase == 2;
            int passed = Long.bitCount(s.pawnCache.passed(us.side));
            return onlyBishops ? Math.min(FULL, 22 + 8 * passed) : 46;
        }
        int count = Long.bitCount(us.pawns);
        return count == 1 && s.phase > 0 ? 48 : Math.min(FULL, 56 + 2 * count);
    }

    /**
     * How much of an advantage of a side (0 white, 1 black) counts where it has nothing to win
     * with: no pawns and hardly more pieces, or nothing but a bishop and rook pawns whose corner it
     * does not control.
     *
     * @return 0 to {@link #FULL}
     */
    public static int ofMaterial(Board board, int side) {
        long pawns = board.pieces(side, 0);
        if (pawns == 0) {
            return withoutPawns(board, side);
        }
        boolean one = minors(board, side) == 1 && heavies(board, side) == 0;
        return one && isWrongRookPawn(board, side) ? 0 : FULL;
    }

    private static int withoutPawns(Board board, int side) {
        int minors = minors(board, side);
        int heavies = heavies(board, side);
        if (heavies == 0 && minors <= 1) {
            return 0;
        }
        int theirs = 3 * minors(board, 1 - side) + 5 * heavies(board, 1 - side);
        return 3 * minors + 5 * heavies - theirs <= 3 ? 14 : FULL;
    }

    private static int minors(Board board, int side) {
        return Long.bitCount(board.pieces(side, 1) | board.pieces(side, 2));
    }

    /** Rooks count one, queens two. */
    private static int heavies(Board board, int side) {
        return Long.bitCount(board.pieces(side, 3)) + 2 * Long.bitCount(board.pieces(side, 4));
    }

    private static boolean areBishopsOpposite(Camp us, Camp them) {
        return Long.bitCount(us.bishops) == 1
                && Long.bitCount(them.bishops) == 1
                && (us.bishops & Survey.LIGHT) != 0 != ((them.bishops & Survey.LIGHT) != 0)
                && (us.knights | them.knights) == 0;
    }

    /** Bishop and rook pawns whose corner the bishop does not control, the defender at home. */
    private static boolean isWrongRookPawn(Board board, int side) {
        long bishops = board.pieces(side, 2);
        long pawns = board.pieces(side, 0);
        boolean onA = (pawns & ~FILE_A) == 0;
        if (bishops == 0 || !onA && (pawns & ~FILE_H) != 0) {
            return false;
        }
        int corner = (onA ? 0 : 7) + (side == 0 ? 56 : 0);
        boolean controlled = (bishops & Survey.LIGHT) != 0 == ((Survey.LIGHT & 1L << corner) != 0);
        return !controlled && Survey.distance(board.kingSquare(1 - side), corner) <= 1;
    }
}
