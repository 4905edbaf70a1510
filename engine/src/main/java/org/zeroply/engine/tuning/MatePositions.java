package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.mate.MateProof;
import org.zeroply.engine.mate.MateSearch;

/**
 * Gathers positions with a mate by force, half of them out of games of the engine with itself at
 * few nodes, half out of random moves. The same seed gives the same ones.
 */
public final class MatePositions {

    /** Mates come at the end of a game, and every later one is the rest of an earlier one. */
    private static final int LAST = 12;

    /** Enough to try every move against every answer in any position met. */
    private static final long EVERYTHING = 20_000_000;

    private final WeakGames games;
    private final MateSearch mates = new MateSearch();
    private final Set<Position> seen = new HashSet<>();

    /** Draws with a seed. */
    public MatePositions(long seed) {
        games = new WeakGames(seed);
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
            List<Position> game = played ? games.played() : games.drawn();
            int from = played ? Math.max(0, game.size() - LAST) : 0;
            for (Position position : game.subList(from, game.size())) {
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
}
