package org.zeroply.engine.eval;

/** Rooks on open and half-open files. */
final class RooksOnFiles implements Term {

    @Override
    public String name() {
        return "Rooks on files";
    }

    @Override
    public int of(Survey s, int side) {
        int sum = 0;
        for (long set = s.board.pieces(side, 3); set != 0; set &= set - 1) {
            long file = Survey.file(Long.numberOfTrailingZeros(set));
            if ((file & s.pawns[side]) == 0) {
                sum += (file & s.pawns[1 - side]) == 0 ? Taper.of(24, 10) : Taper.of(11, 7);
            }
        }
        return sum;
    }
}
