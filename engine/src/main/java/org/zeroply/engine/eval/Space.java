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
    public int of(Survey s, int side) {
        int pieces = Long.bitCount(s.board.pieces(side) & ~s.pawns[side]) - 1;
        if (pieces < FEWEST_PIECES) {
            return 0;
        }
        long safe = CENTRE[side] & ~s.pawns[side] & ~s.pawnAttacks[1 - side];
        long behind = s.pawns[side];
        behind |= Survey.forward(1 - side, behind);
        behind |= Survey.forward(1 - side, behind);
        int squares = Long.bitCount(safe) + Long.bitCount(safe & behind & ~s.attacks[1 - side]);
        return s.weights.times(side, Weights.SPACE, squares * (pieces - FEWEST_PIECES + 1) / 4);
    }
}
