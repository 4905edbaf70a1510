package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.mate.MateProof;
import org.zeroply.engine.mate.MateSearch;
import org.zeroply.engine.search.BuiltInEngine;

/**
 * Gathers positions with a mate by force, half of them out of games of the engine with itself at
 * few nodes, half out of random moves. The same seed gives the same ones.
 */
public final class MatePositions {

    private static final int OPENING = 10;
    private static final int LONGEST = 160;
    private static final long NODES = 400;

    /** Enough to try every move against every answer in any position met. */
    private static final long EVERYTHING = 20_000_000;

    private final Random random;
    private final MateSearch mates = new MateSearch();
    private final BuiltInEngine engine = new BuiltInEngine(1);
    private final Set<Position> seen = new HashSet<>();

    /** Draws with a seed. */
    public MatePositions(long seed) {
        random = new Random(seed);
    }

    /**
     * Gathers.
     *
     * @param count how many
     * @param least moves to the mate at least
     * @param most moves to the mate at most
     */
    public List<MatePosition> gather(int count, int least, int most, Cancellation cancellation) {
        List<MatePosition> found = new ArrayList<>();
        while (found.size() < count && !cancellation.isCancelled()) {
            boolean played = found.size() % 2 == 0;
            for (Position position : played ? game() : randomGame()) {
                if (found.size() < count && seen.add(position)) {
                    Optional<MateProof> proof =
                            mates.shortest(position, most, EVERYTHING, cancellation);
                    proof.filter(p -> p.moves() >= least)
                            .ifPresent(p -> found.add(new MatePosition(position, p)));
                }
            }
        }
        return found;
    }

    private List<Position> game() {
        List<Position> positions = new ArrayList<>();
        Position position = Position.START;
        while (positions.size() < LONGEST && !position.legalMoves().isEmpty()) {
            position = position.play(positions.size() < OPENING ? drawn(position) : best(position));
            positions.add(position);
        }
        // Mates come at the end, and every later one of a game is the rest of an earlier one.
        int from = Math.max(0, positions.size() - 12);
        return positions.subList(from, positions.size());
    }

    private List<Position> randomGame() {
        List<Position> positions = new ArrayList<>();
        Position position = Position.START;
        while (positions.size() < LONGEST && !position.legalMoves().isEmpty()) {
            position = position.play(drawn(position));
            positions.add(position);
        }
        return positions;
    }

    private Move drawn(Position position) {
        List<Move> moves = position.legalMoves();
        return moves.get(random.nextInt(moves.size()));
    }

    private Move best(Position position) {
        Analysis analysis =
                engine.analyse(
                        AnalysisRequest.of(position, Limits.nodes(NODES)),
                        soFar -> {},
                        new Cancellation());
        return analysis.best().orElseThrow().move();
    }
}
