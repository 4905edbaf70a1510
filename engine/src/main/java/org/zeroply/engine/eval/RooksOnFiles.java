package org.zeroply.engine.eval;

/** Rooks on open and half-open files and on the seventh rank; a rook shut in by its king. */
final class RooksOnFiles implements Term {

    private static final long[] SEVENTH = {0xffL << 48, 0xffL << 8};
    private static final long[] FAR_RANKS = {0xffffL << 48, 0xffffL};

    @Override
    public String name() {
        return "Rooks on files and the seventh";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        if (us.rooks == 0) {
            return 0;
        }
        Weights w = s.weights;
        int side = us.side;
        boolean prey = (FAR_RANKS[side] & (them.pawns | 1L << them.king)) != 0;
        int sum = 0;
        for (long set = us.rooks; set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long file = Survey.file(square);
            if ((file & us.pawns) == 0) {
                boolean open = (file & them.pawns) == 0;
                sum += w.times(side, open ? Weights.ROOK_OPEN : Weights.ROOK_HALF_OPEN, 1);
            } else if (isShutIn(square, us.king, side)) {
                sum += w.times(side, Weights.ROOK_SHUT_IN, 1);
            }
            if (prey && (SEVENTH[side] & 1L << square) != 0) {
                sum += w.times(side, Weights.ROOK_SEVENTH, 1);
            }
        }
        return sum;
    }

    private static boolean isShutIn(int rook, int king, int side) {
        if (Survey.rankFor(side, rook) > 1 || Survey.rankFor(side, king) != 0) {
            return false;
        }
        int file = king & 7;
        return file >= 5 && (rook & 7) > file || file <= 2 && (rook & 7) < file;
    }
}
