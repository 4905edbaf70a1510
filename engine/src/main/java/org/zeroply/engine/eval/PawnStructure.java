package org.zeroply.engine.eval;

/** Isolated, doubled and backward pawns cost; pawns that guard each other are worth a little. */
final class PawnStructure implements Term {

    private static final int ISOLATED = Taper.of(-12, -16);
    private static final int DOUBLED = Taper.of(-8, -20);
    private static final int BACKWARD = Taper.of(-9, -10);
    private static final int GUARDED = Taper.of(9, 7);

    @Override
    public String name() {
        return "Pawn structure";
    }

    @Override
    public int of(Survey s, int side) {
        long pawns = s.pawns[side];
        int sum = Long.bitCount(pawns & s.pawnAttacks[side]) * GUARDED;
        for (long set = pawns; set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long neighbours = Survey.neighbours(square);
            if ((pawns & neighbours) == 0) {
                sum += ISOLATED;
            } else if (isBackward(s, side, square, neighbours)) {
                sum += BACKWARD;
            }
            if ((pawns & Survey.file(square) & Survey.front(side, square)) != 0) {
                sum += DOUBLED;
            }
        }
        return sum;
    }

    private static boolean isBackward(Survey s, int side, int square, long neighbours) {
        int stop = side == 0 ? square + 8 : square - 8;
        long behind = ~Survey.front(side, square) & neighbours;
        return (s.pawns[side] & behind) == 0 && (s.pawnAttacks[1 - side] & 1L << stop) != 0;
    }
}
