package org.zeroply.engine.eval;

/** Two bishops on different colours work together. */
final class BishopPair implements Term {

    private static final long LIGHT = 0x55aa55aa55aa55aaL;

    @Override
    public String name() {
        return "Bishop pair";
    }

    @Override
    public int of(Survey s, int side) {
        long bishops = s.board.pieces(side, 2);
        return (bishops & LIGHT) != 0 && (bishops & ~LIGHT) != 0 ? Taper.of(28, 48) : 0;
    }
}
