package org.zeroply.engine.eval;

/** It is worth something to be on the move. */
final class Tempo implements Term {

    @Override
    public String name() {
        return "The move";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        return s.board.sideToMove() == us.side ? s.weights.times(us.side, Weights.TEMPO, 1) : 0;
    }
}
