package org.zeroply.engine.eval;

/** Pawns before the king, and the pressure of enemy pieces on the squares around it. */
final class KingSafety implements Term {

    private static final int[] BY_ATTACKERS = {0, 0, 50, 75, 88, 94, 97, 99, 99};

    @Override
    public String name() {
        return "Safety of the king";
    }

    @Override
    public int of(Survey s, int side) {
        int cover = 0;
        int king = s.king[side];
        for (int file = Math.max(0, (king & 7) - 1); file <= Math.min(7, (king & 7) + 1); file++) {
            long ahead = s.pawns[side] & Survey.FILE_A << file & (Survey.front(side, king));
            int nearest = 3;
            for (long set = ahead; set != 0; set &= set - 1) {
                int rank = Survey.rankFor(side, Long.numberOfTrailingZeros(set));
                nearest = Math.min(nearest, rank - Survey.rankFor(side, king) - 1);
            }
            cover -= nearest == 0 ? 0 : nearest == 1 ? 7 : nearest == 2 ? 14 : 22;
        }
        int them = 1 - side;
        int attackers = Math.min(s.kingAttackers[them], 8);
        int danger = s.kingPressure[them] * BY_ATTACKERS[attackers] / 100;
        boolean queen = s.board.pieces(them, 4) != 0;
        return Taper.of(cover - (queen ? danger : danger / 3), -(queen ? danger / 4 : 0));
    }
}
