package org.zeroply.engine.eval;

/** It is worth something to be on the move. */
final class Tempo implements Term {

    @Override
    public String name() {
        return "The move";
    }

    @Override
    public int of(Survey s, int side) {
        return s.board.sideToMove() == side ? s.weights.times(side, Weights.TEMPO, 1) : 0;
    }
}
