package org.zeroply.engine.network;

import java.util.Optional;
import java.util.OptionalInt;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.eval.Weights;

/**
 * What a search judges quiet positions by: a network where there is one, except with few men, and
 * else the named terms.
 *
 * @param weights of the terms
 */
public record StaticJudge(Weights weights, Optional<Network> network) {

    /** What the program searches with: the network it is shipped with. */
    public static StaticJudge shipped() {
        return of(Network.shipped());
    }

    /** A network, beside the terms the program is shipped with. */
    public static StaticJudge of(Network network) {
        return new StaticJudge(Weights.shipped(), Optional.of(network));
    }

    /**
     * What the network says of a position, in centipawns from White's view; nothing where the terms
     * alone judge.
     */
    public OptionalInt learnt(Position position) {
        Board board = position.toBoard();
        if (network.isEmpty() || !Network.judges(board)) {
            return OptionalInt.empty();
        }
        Accumulator accumulator = new Accumulator(network.get(), 1);
        accumulator.begin(board);
        int score = accumulator.judge(board, 0);
        return OptionalInt.of(board.sideToMove() == 0 ? score : -score);
    }

    /** The terms alone. */
    public static StaticJudge ofTerms(Weights weights) {
        return new StaticJudge(weights, Optional.empty());
    }
}
