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
    public int of(Survey s, Camp us, Camp them) {
        Weights w = s.weights;
        int side = us.side;
        long safe = FORWARD[side] & ~s.pawnCache.span(them.side);
        long posts = safe & us.byPawns;
        int sum = 0;
        long knights = us.knights;
        long bishops = us.bishops;
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
        if ((us.byKnights & posts & ~us.men) != 0) {
            sum += w.times(side, Weights.OUTPOST_IN_REACH, 1);
        }
        long weak = CAMP[side] & ~s.pawnCache.span(side);
        sum += w.times(side, Weights.WEAK_SQUARE, Long.bitCount(weak));
        long shielded = (knights | bishops) & Survey.forward(them.side, us.pawns | them.pawns);
        return sum + w.times(side, Weights.BEHIND_PAWN, Long.bitCount(shielded));
    }
}
