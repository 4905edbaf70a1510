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
     * How much of an advantage counts.
     *
     * @param white the advantage from White's view
     * @return 0 to {@link #FULL}
     */
    static int scale(Survey s, int white) {
        return white > 0 ? scale(s, s.white, s.black) : scale(s, s.black, s.white);
    }

    private static int scale(Survey s, Camp us, Camp them) {
        long pawns = us.pawns;
        int minors = minors(us);
        int heavies = heavies(us);
        if (pawns == 0) {
            return withoutPawns(minors, heavies, minors(them), heavies(them));
        }
        if (minors == 1 && heavies == 0 && isWrongRookPawn(us, them)) {
            return 0;
        }
        if (s.phase <= 6 && areBishopsOpposite(us, them)) {
            boolean onlyBishops = s.phase == 2;
            int passed = Long.bitCount(s.pawnCache.passed(us.side));
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

    private static int minors(Camp camp) {
        return Long.bitCount(camp.knights | camp.bishops);
    }

    /** Rooks count one, queens two. */
    private static int heavies(Camp camp) {
        return Long.bitCount(camp.rooks) + 2 * Long.bitCount(camp.queens);
    }

    private static boolean areBishopsOpposite(Camp us, Camp them) {
        return Long.bitCount(us.bishops) == 1
                && Long.bitCount(them.bishops) == 1
                && (us.bishops & Survey.LIGHT) != 0 != ((them.bishops & Survey.LIGHT) != 0)
                && (us.knights | them.knights) == 0;
    }

    /** Bishop and rook pawns whose corner the bishop does not control, the defender at home. */
    private static boolean isWrongRookPawn(Camp us, Camp them) {
        long bishops = us.bishops;
        long pawns = us.pawns;
        boolean onA = (pawns & ~FILE_A) == 0;
        if (bishops == 0 || !onA && (pawns & ~FILE_H) != 0) {
            return false;
        }
        int corner = (onA ? 0 : 7) + (us.side == 0 ? 56 : 0);
        boolean controlled = (bishops & Survey.LIGHT) != 0 == ((Survey.LIGHT & 1L << corner) != 0);
        return !controlled && Survey.distance(them.king, corner) <= 1;
    }
}
