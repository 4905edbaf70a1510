package org.zeroply.engine.eval;

/** Two bishops on different colours work together. */
final class BishopPair implements Term {

    @Override
    public String name() {
        return "Bishop pair";
    }

    @Override
    public int of(Survey s, int side) {
        long bishops = s.board.pieces(side, 2);
        boolean both = (bishops & Survey.LIGHT) != 0 && (bishops & ~Survey.LIGHT) != 0;
        return both ? s.weights.times(side, Weights.BISHOP_PAIR, 1) : 0;
    }
}
