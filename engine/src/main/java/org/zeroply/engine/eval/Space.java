package org.zeroply.engine.eval;

/** Safe squares in the centre behind and beside the own pawns, with many pieces to use them. */
final class Space implements Term {

    private static final long[] CENTRE = {0x3c3c3c00L, 0x3c3c3c00000000L};
    private static final int FEWEST_PIECES = 4;

    @Override
    public String name() {
        return "Space";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        int side = us.side;
        int pieces = Long.bitCount(us.men & ~us.pawns) - 1;
        if (pieces < FEWEST_PIECES) {
            return 0;
        }
        long safe = CENTRE[side] & ~us.pawns & ~them.byPawns;
        long behind = us.pawns;
        behind |= Survey.forward(1 - side, behind);
        behind |= Survey.forward(1 - side, behind);
        int squares = Long.bitCount(safe) + Long.bitCount(safe & behind & ~them.attacked);
        return s.weights.times(side, Weights.SPACE, squares * (pieces - FEWEST_PIECES + 1) / 4);
    }
}
