package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;

/** Good and bad bishops: own pawns on their colour, a blocked centre, the long diagonal. */
final class Bishops implements Term {

    private static final long CENTRE = 0x1818000000L;
    private static final long CENTRE_FILES = 0x3c3c3c3c3c3c3c3cL;

    @Override
    public String name() {
        return "Good and bad bishops";
    }

    @Override
    public int of(Survey s, int side) {
        Weights w = s.weights;
        int sum = 0;
        long pawns = s.pawns[side];
        long blocked = pawns & CENTRE_FILES & Survey.forward(1 - side, s.occupied);
        for (long set = s.board.pieces(side, 2); set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long colour = (Survey.LIGHT & 1L << square) != 0 ? Survey.LIGHT : ~Survey.LIGHT;
            int same = Long.bitCount(pawns & colour);
            sum += w.times(side, Weights.BISHOP_PAWNS, same);
            sum += w.times(side, Weights.BISHOP_BLOCKED_CENTRE, same * Long.bitCount(blocked));
            long through = Attacks.bishop(square, s.pawns[0] | s.pawns[1]) & CENTRE;
            if ((through & through - 1) != 0) {
                sum += w.times(side, Weights.LONG_DIAGONAL, 1);
            }
        }
        return sum;
    }
}
