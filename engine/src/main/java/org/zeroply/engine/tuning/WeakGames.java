package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

/**
 * Games full of mistakes, and so of positions in which something is to be found. The same seed
 * gives the same ones.
 */
final class WeakGames {

    private static final int OPENING = 10;
    private static final int LONGEST = 160;
    private static final long NODES = 400;

    private final Random random;
    private final BuiltInEngine engine = new BuiltInEngine(1);

    WeakGames(long seed) {
        random = new Random(seed);
    }

    /** The positions of a game of the engine with itself at few nodes, after a random opening. */
    List<Position> played() {
        return game(true);
    }

    /** The positions of a game of random moves. */
    List<Position> drawn() {
        return game(false);
    }

    private List<Position> game(boolean played) {
        List<Position> positions = new ArrayList<>();
        Position position = Position.START;
        while (positions.size() < LONGEST && !position.legalMoves().isEmpty()) {
            boolean any = !played || positions.size() < OPENING;
            position = position.play(any ? any(position) : best(position));
            positions.add(position);
        }
        return positions;
    }

    private Move any(Position position) {
        List<Move> moves = position.legalMoves();
        return moves.get(random.nextInt(moves.size()));
    }

    private Move best(Position position) {
        Analysis analysis = engine.analyse(AnalysisRequest.of(position, Limits.nodes(NODES)));
        return analysis.best().orElseThrow().move();
    }
}
