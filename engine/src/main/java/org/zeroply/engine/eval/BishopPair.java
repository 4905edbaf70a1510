package org.zeroply.engine.eval;

/** Two bishops on different colours work together. */
final class BishopPair implements Term {

    @Override
    public String name() {
        return "Bishop pair";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        boolean both = (us.bishops & Survey.LIGHT) != 0 && (us.bishops & ~Survey.LIGHT) != 0;
        return both ? s.weights.times(us.side, Weights.BISHOP_PAIR, 1) : 0;
    }
}
