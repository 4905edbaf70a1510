package org.zeroply.engine.eval;

/**
 * Pawns that no enemy pawn can stop, the further on the more: with the kings' distances, the path
 * and its blockade; and pawns that can become such.
 */
final class PassedPawns implements Term {

    @Override
    public String name() {
        return "Passed pawns";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        Weights w = s.weights;
        int side = us.side;
        int sum = s.pawnCache.candidates(side);
        for (long set = s.pawnCache.passed(side); set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            int rank = Survey.rankFor(side, square);
            int stop = side == 0 ? square + 8 : square - 8;
            long path = Survey.front(side, square) & Survey.file(square);
            sum += w.times(side, Weights.PASSED + rank, 1);
            if ((us.byPawns & 1L << square) != 0) {
                sum += w.times(side, Weights.PASSED_GUARDED, 1);
            }
            if (rank >= 3) {
                int own = Math.min(5, Survey.distance(us.king, stop));
                int enemy = Math.min(5, Survey.distance(them.king, stop));
                sum += w.times(side, Weights.PASSED_OWN_KING + rank, own);
                sum += w.times(side, Weights.PASSED_ENEMY_KING + rank, enemy);
            }
            if ((s.occupied & 1L << stop) != 0) {
                sum += w.times(side, Weights.PASSED_BLOCKED + rank, 1);
            } else if ((them.attacked & 1L << stop) == 0) {
                sum += w.times(side, Weights.PASSED_SAFE + rank, 1);
            }
            if ((path & (them.men | them.attacked)) == 0) {
                sum += w.times(side, Weights.PASSED_FREE + rank, 1);
            }
            long behind = Survey.front(them.side, square) & Survey.file(square);
            if ((behind & us.rooks) != 0) {
                sum += w.times(side, Weights.ROOK_BEHIND, 1);
            }
        }
        return sum;
    }
}
