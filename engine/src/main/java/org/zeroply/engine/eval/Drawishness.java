package org.zeroply.engine.eval;

/**
 * How much of an advantage counts with the material on the board: opposite bishops, a rook pawn of
 * the wrong colour, a lone minor piece, no pawns left to win with. The shares are our own choice.
 */
final class Drawishness {

    /** The whole. */
    static final int FULL = 64;

    static final String NAME = "Drawish material";

    private static final long FILE_A = Survey.FILE_A;
    private static final long FILE_H = Survey.FILE_H;

    private Drawishness() {}

    /**
     * How much of the advantage of a side counts.
     *
     * @param side who is ahead
     * @return 0 to {@link #FULL}
     */
    static int scale(Survey s, int side) {
        int them = 1 - side;
        long pawns = s.pawns[side];
        int minors = minors(s, side);
        int heavies = heavies(s, side);
        if (pawns == 0) {
            return withoutPawns(minors, heavies, minors(s, them), heavies(s, them));
        }
        if (minors == 1 && heavies == 0 && isWrongRookPawn(s, side)) {
            return 0;
        }
        if (s.phase <= 6 && areBishopsOpposite(s)) {
            boolean onlyBishops = s.phase == 2;
            int passed = Long.bitCount(s.pawnCache.passed(side));
            return onlyBishops ? Math.min(FULL, 22 + 8 * passed) : 46;
        }
        int count = Long.bitCount(pawns);
        return count == 1 && s.phase > 0 ? 48 : Math.min(FULL, 56 + 2 * count);
    }

    private static int withoutPawns(int minors, int heavies, int theirMinors, int theirHeavies) {
        int ahead = 3 * minors + 5 * heavies - 3 * theirMinors - 5 * theirHeavies;
        if (heavies == 0 && minors <= 1) {
            return 0;
        }
        return ahead <= 3 ? 14 : FULL;
    }

    private static int minors(Survey s, int side) {
        return Long.bitCount(s.board.pieces(side, 1) | s.board.pieces(side, 2));
    }

    /** Rooks count one, queens two. */
    private static int heavies(Survey s, int side) {
        return Long.bitCount(s.board.pieces(side, 3)) + 2 * Long.bitCount(s.board.pieces(side, 4));
    }

    private static boolean areBishopsOpposite(Survey s) {
        long white = s.board.pieces(0, 2);
        long black = s.board.pieces(1, 2);
        return Long.bitCount(white) == 1
                && Long.bitCount(black) == 1
                && (white & Survey.LIGHT) != 0 != ((black & Survey.LIGHT) != 0)
                && s.board.piecesOfType(1) == 0;
    }

    /** Bishop and rook pawns whose corner the bishop does not control, the defender at home. */
    private static boolean isWrongRookPawn(Survey s, int side) {
        long bishops = s.board.pieces(side, 2);
        long pawns = s.pawns[side];
        boolean onA = (pawns & ~FILE_A) == 0;
        if (bishops == 0 || !onA && (pawns & ~FILE_H) != 0) {
            return false;
        }
        int corner = (onA ? 0 : 7) + (side == 0 ? 56 : 0);
        boolean controlled = (bishops & Survey.LIGHT) != 0 == ((Survey.LIGHT & 1L << corner) != 0);
        return !controlled && Survey.distance(s.king[1 - side], corner) <= 1;
    }
}
