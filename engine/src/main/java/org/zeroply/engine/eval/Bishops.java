package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;

/** Good and bad bishops: own pawns on their colour, a blocked centre, the long diagonal. */
final class Bishops implements Term {

    private static final long CENTRE = 0x1818000000L;
    private static final long LONG_DIAGONALS = 0x8142241818244281L;
    private static final long CENTRE_FILES = 0x3c3c3c3c3c3c3c3cL;

    @Override
    public String name() {
        return "Good and bad bishops";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        if (us.bishops == 0) {
            return 0;
        }
        Weights w = s.weights;
        int sum = 0;
        int side = us.side;
        long pawns = us.pawns;
        long blocked = pawns & CENTRE_FILES & Survey.forward(1 - side, s.occupied);
        for (long set = us.bishops; set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long colour = (Survey.LIGHT & 1L << square) != 0 ? Survey.LIGHT : ~Survey.LIGHT;
            int same = Long.bitCount(pawns & colour);
            sum += w.times(side, Weights.BISHOP_PAWNS, same);
            sum += w.times(side, Weights.BISHOP_BLOCKED_CENTRE, same * Long.bitCount(blocked));
            if ((LONG_DIAGONALS & 1L << square) != 0 && sweepsCentre(square, pawns | them.pawns)) {
                sum += w.times(side, Weights.LONG_DIAGONAL, 1);
            }
        }
        return sum;
    }

    /** Whether no pawn stands between a bishop and both centre squares of its long diagonal. */
    private static boolean sweepsCentre(int square, long pawns) {
        long through = Attacks.bishop(square, pawns) & CENTRE;
        return (through & through - 1) != 0;
    }
}
