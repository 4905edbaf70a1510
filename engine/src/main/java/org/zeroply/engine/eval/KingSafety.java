package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;

/**
 * Pawns before the king and pawns storming it, open files at it, and the danger from enemy pieces:
 * who bears on the squares around it, by weight, which safe checks there are, and how few squares
 * are guarded. Danger is counted in units of our own and looked up in a table of weights.
 */
final class KingSafety implements Term {

    private static final int UNITS_A_STEP = 12;
    private static final int STEPS = 32;
    private static final int[] SAFE_CHECK = {0, 36, 24, 44, 38};

    @Override
    public String name() {
        return "Safety of the king";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        Weights w = s.weights;
        int side = us.side;
        int step = Math.min(STEPS - 1, danger(s, us, them) / UNITS_A_STEP);
        int sum = s.pawnCache.cover(w, us, them) + w.times(side, Weights.KING_DANGER + step, 1);
        long file = Survey.file(us.king);
        if ((file & us.pawns) == 0) {
            boolean open = (file & them.pawns) == 0;
            sum += w.times(side, Weights.KING_FILE + (open ? 0 : 1), 1);
        }
        return sum;
    }

    private static int danger(Survey s, Camp us, Camp them) {
        boolean queen = them.queens != 0;
        if (them.attackers == 0 || !queen && them.attackers < 2) {
            return 0;
        }
        int king = us.king;
        long around = us.byKing;
        // Guarded by king or queen only, and attacked.
        long weak = them.attacked & ~us.twice & (~us.attacked | us.byKing | us.byQueens);
        int danger = them.pressure + 10 * (them.attackers - 2);
        danger += 12 * Long.bitCount(around & weak);
        long safe = ~them.men & (~us.attacked | weak & them.twice);
        long straight = Attacks.rook(king, s.occupied ^ us.queens);
        long diagonal = Attacks.bishop(king, s.occupied ^ us.queens);
        danger += checks(them.byKnights & Attacks.knight(king) & safe, 1);
        danger += checks(them.byBishops & diagonal & safe, 2);
        danger += checks(them.byRooks & straight & safe, 3);
        danger += checks(them.byQueens & (straight | diagonal) & safe, 4);
        danger -= queen ? 0 : 60;
        danger -= (us.byKnights & around) != 0 ? 10 : 0;
        return Math.max(0, danger);
    }

    private static int checks(long squares, int type) {
        if (squares == 0) {
            return 0;
        }
        return (squares & squares - 1) == 0 ? SAFE_CHECK[type] : SAFE_CHECK[type] * 3 / 2;
    }

    /** The pawns on the king's file and beside it; remembered with the pawns. */
    static int cover(Weights w, Camp us, Camp them) {
        int side = us.side;
        int king = us.king;
        int kingRank = Survey.rankFor(side, king);
        int middle = Math.max(1, Math.min(6, king & 7));
        long ahead = Survey.front(side, king) | 0xffL << (king & 56);
        int sum = 0;
        for (int file = middle - 1; file <= middle + 1; file++) {
            int edge = Math.min(Math.min(file, 7 - file), 2);
            long column = Survey.FILE_A << file & (ahead | Survey.front(side, king));
            int own = nearest(us.pawns & column, side);
            int enemy = nearest(them.pawns & column, side);
            if (kingRank < 4) {
                sum += w.times(side, Weights.PAWN_COVER + edge * 8 + own, 1);
                sum += w.times(side, Weights.PAWN_STORM + edge * 8 + enemy, 1);
                if (own != 0 && enemy == own + 1) {
                    sum += w.times(side, Weights.STORM_HALTED, 1);
                }
            }
        }
        return sum
                + w.times(side, Weights.NO_PAWNS_NEAR, pawnDistance(us.pawns | them.pawns, king));
    }

    /** The rank, from the side's own view, of its nearest pawn in a column; 0 for none. */
    private static int nearest(long column, int side) {
        if (column == 0) {
            return 0;
        }
        int square =
                side == 0
                        ? Long.numberOfTrailingZeros(column)
                        : 63 - Long.numberOfLeadingZeros(column);
        return Survey.rankFor(side, square);
    }

    /** Distance from a king to the nearest pawn of either side, 1 to 7; 0 without pawns. */
    private static int pawnDistance(long pawns, int king) {
        int nearest = 8;
        for (long set = pawns; set != 0; set &= set - 1) {
            nearest = Math.min(nearest, Survey.distance(king, Long.numberOfTrailingZeros(set)));
        }
        return nearest == 8 ? 0 : nearest;
    }
}
