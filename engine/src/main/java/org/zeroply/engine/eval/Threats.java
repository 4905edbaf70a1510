package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;

/** Enemy men attacked by lesser men, attacked and not guarded, or about to be kicked. */
final class Threats implements Term {

    @Override
    public String name() {
        return "Threats";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        Weights w = s.weights;
        int side = us.side;
        long enemy = them.men & ~(1L << them.king);
        long pieces = enemy & ~them.pawns;
        // Well guarded: by a pawn, or twice while we attack only once.
        long firm = them.byPawns | them.twice & ~us.twice;
        long weak = enemy & ~firm & us.attacked;
        long minors = us.byKnights | us.byBishops;
        int sum = byType(w, side, Weights.THREAT_BY_PAWN, pieces & us.byPawns, them);
        sum += byType(w, side, Weights.THREAT_BY_MINOR, minors & (weak | pieces), them);
        sum += byType(w, side, Weights.THREAT_BY_ROOK, weak & us.byRooks, them);
        if ((weak & us.byKing) != 0) {
            sum += w.times(side, Weights.THREAT_BY_KING, 1);
        }
        long hanging = weak & (~them.attacked | pieces & us.twice);
        sum += w.times(side, Weights.HANGING, Long.bitCount(hanging));
        return sum + kicks(s, us, them, pieces) + restraint(s, us, them);
    }

    /** Counts the attacked men by their types; without a loop, whose length nobody can foresee. */
    private static int byType(Weights w, int side, int index, long attacked, Camp them) {
        if (attacked == 0) {
            return 0;
        }
        return w.times(side, index, Long.bitCount(attacked & them.pawns))
                + w.times(side, index + 1, Long.bitCount(attacked & them.knights))
                + w.times(side, index + 2, Long.bitCount(attacked & them.bishops))
                + w.times(side, index + 3, Long.bitCount(attacked & them.rooks))
                + w.times(side, index + 4, Long.bitCount(attacked & them.queens));
    }

    /** Pieces that a safe pawn push would attack. */
    private static int kicks(Survey s, Camp us, Camp them, long pieces) {
        int side = us.side;
        long third = side == 0 ? 0xff0000L : 0xff0000000000L;
        long once = Survey.forward(side, us.pawns) & ~s.occupied;
        long twice = Survey.forward(side, once & third) & ~s.occupied;
        long safe = (once | twice) & ~them.byPawns & (us.attacked | ~them.attacked);
        long kicked = Attacks.pawns(side, safe) & pieces & ~us.byPawns;
        return s.weights.times(side, Weights.PUSH_THREAT, Long.bitCount(kicked));
    }

    /** Squares the enemy can go to only at a risk, and safe squares from which to hit a queen. */
    private static int restraint(Survey s, Camp us, Camp them) {
        int side = us.side;
        long contested = them.attacked & ~them.byPawns & ~them.twice & us.attacked;
        int sum = s.weights.times(side, Weights.RESTRICTED, Long.bitCount(contested));
        for (long set = them.queens; set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long safe = ~them.byPawns & ~us.men & (~them.attacked | us.twice);
            long hits =
                    Attacks.knight(square) & us.byKnights
                            | Attacks.bishop(square, s.occupied) & us.byBishops
                            | Attacks.rook(square, s.occupied) & us.byRooks;
            sum += s.weights.times(side, Weights.QUEEN_HARRIED, Long.bitCount(hits & safe));
        }
        return sum;
    }
}
