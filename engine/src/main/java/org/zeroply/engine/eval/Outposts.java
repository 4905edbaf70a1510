package org.zeroply.engine.eval;

/** Squares no pawn can guard any more: a knight or bishop on them, or on the way there. */
final class Outposts implements Term {

    /** The middle of a side's own camp, files c to f, ranks three and four. */
    private static final long[] CAMP = {0x3c3c0000L, 0x3c3c00000000L};

    private static final long[] FORWARD = {0xffffff000000L, 0xffffff0000L};

    @Override
    public String name() {
        return "Outposts and weak squares";
    }

    @Override
    public int of(Survey s, int side) {
        Weights w = s.weights;
        int them = 1 - side;
        long safe = FORWARD[side] & ~s.pawnCache.span(them);
        long posts = safe & s.pawnAttacks[side];
        int sum = 0;
        long knights = s.board.pieces(side, 1);
        long bishops = s.board.pieces(side, 2);
        if (((knights | bishops) & safe) != 0) {
            int guarded = Long.bitCount(knights & posts);
            sum += w.times(side, Weights.KNIGHT_OUTPOST, guarded);
            sum +=
                    w.times(
                            side,
                            Weights.KNIGHT_OUTPOST + 1,
                            Long.bitCount(knights & safe) - guarded);
            guarded = Long.bitCount(bishops & posts);
            sum += w.times(side, Weights.BISHOP_OUTPOST, guarded);
            sum +=
                    w.times(
                            side,
                            Weights.BISHOP_OUTPOST + 1,
                            Long.bitCount(bishops & safe) - guarded);
        }
        if ((s.byType[side * 6 + 1] & posts & ~s.board.pieces(side)) != 0) {
            sum += w.times(side, Weights.OUTPOST_IN_REACH, 1);
        }
        long weak = CAMP[side] & ~s.pawnCache.span(side);
        sum += w.times(side, Weights.WEAK_SQUARE, Long.bitCount(weak));
        long shielded = (knights | bishops) & Survey.forward(them, s.pawns[0] | s.pawns[1]);
        return sum + w.times(side, Weights.BEHIND_PAWN, Long.bitCount(shielded));
    }
}
