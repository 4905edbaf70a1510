package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;

/** Enemy men attacked by lesser men, attacked and not guarded, or about to be kicked. */
final class Threats implements Term {

    @Override
    public String name() {
        return "Threats";
    }

    @Override
    public int of(Survey s, int side) {
        Weights w = s.weights;
        int them = 1 - side;
        long enemy = s.board.pieces(them) & ~(1L << s.king[them]);
        long pieces = enemy & ~s.pawns[them];
        // Well guarded: by a pawn, or twice while we attack only once.
        long firm = s.pawnAttacks[them] | s.twice[them] & ~s.twice[side];
        long weak = enemy & ~firm & s.attacks[side];
        int sum = 0;
        for (long set = pieces & s.pawnAttacks[side]; set != 0; set &= set - 1) {
            int type = s.board.typeAt(Long.numberOfTrailingZeros(set));
            sum += w.times(side, Weights.THREAT_BY_PAWN + type, 1);
        }
        long minor = (s.byType[side * 6 + 1] | s.byType[side * 6 + 2]) & (weak | pieces);
        for (long set = minor & enemy; set != 0; set &= set - 1) {
            int type = s.board.typeAt(Long.numberOfTrailingZeros(set));
            sum += w.times(side, Weights.THREAT_BY_MINOR + type, 1);
        }
        for (long set = weak & s.byType[side * 6 + 3]; set != 0; set &= set - 1) {
            int type = s.board.typeAt(Long.numberOfTrailingZeros(set));
            sum += w.times(side, Weights.THREAT_BY_ROOK + type, 1);
        }
        if ((weak & s.byType[side * 6 + 5]) != 0) {
            sum += w.times(side, Weights.THREAT_BY_KING, 1);
        }
        long hanging = weak & (~s.attacks[them] | pieces & s.twice[side]);
        sum += w.times(side, Weights.HANGING, Long.bitCount(hanging));
        return sum + kicks(s, side, pieces) + restraint(s, side);
    }

    /** Pieces that a safe pawn push would attack. */
    private static int kicks(Survey s, int side, long pieces) {
        int them = 1 - side;
        long third = side == 0 ? 0xff0000L : 0xff0000000000L;
        long once = Survey.forward(side, s.pawns[side]) & ~s.occupied;
        long twice = Survey.forward(side, once & third) & ~s.occupied;
        long safe = (once | twice) & ~s.pawnAttacks[them] & (s.attacks[side] | ~s.attacks[them]);
        long kicked = Survey.pawnAttacks(safe, side) & pieces & ~s.pawnAttacks[side];
        return s.weights.times(side, Weights.PUSH_THREAT, Long.bitCount(kicked));
    }

    /** Squares the enemy can go to only at a risk, and safe squares from which to hit a queen. */
    private static int restraint(Survey s, int side) {
        int them = 1 - side;
        long contested = s.attacks[them] & ~s.pawnAttacks[them] & ~s.twice[them] & s.attacks[side];
        int sum = s.weights.times(side, Weights.RESTRICTED, Long.bitCount(contested));
        for (long set = s.board.pieces(them, 4); set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long safe =
                    ~s.pawnAttacks[them]
                            & ~s.board.pieces(side)
                            & (~s.attacks[them] | s.twice[side]);
            long hits =
                    Attacks.knight(square) & s.byType[side * 6 + 1]
                            | Attacks.bishop(square, s.occupied) & s.byType[side * 6 + 2]
                            | Attacks.rook(square, s.occupied) & s.byType[side * 6 + 3];
            sum += s.weights.times(side, Weights.QUEEN_HARRIED, Long.bitCount(hits & safe));
        }
        return sum;
    }
}
