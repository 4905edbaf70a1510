package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Gathers positions in which a piece or more is won by force within five plies, but not by taking
 * something that stands there to be taken; half of them out of games of the engine with itself at
 * few nodes, half out of random moves. The same seed gives the same ones.
 */
public final class GainPositions {

    /** A piece. */
    private static final int POINTS = 3;

    private static final int PLIES = 5;

    /** Before it, too little stands opposite each other. */
    private static final int OPENING = 10;

    /** Neighbours of a game are much alike. */
    private static final int APART = 4;

    private final WeakGames games;
    private final GainSearch search = new GainSearch();
    private final Set<Position> seen = new HashSet<>();

    /** Draws with a seed. */
    public GainPositions(long seed) {
        games = new WeakGames(seed);
    }

    /** Gathers so many. */
    public List<GainPosition> gather(int count, Cancellation cancellation) {
        List<GainPosition> found = new ArrayList<>();
        while (found.size() < count && !cancellation.isCancelled()) {
            List<Position> game = found.size() % 2 == 0 ? games.played() : games.drawn();
            for (int i = OPENING; i < game.size() && found.size() < count; i += APART) {
                Position position = game.get(i);
                if (seen.add(position) && search.winners(position, POINTS, 1).isEmpty()) {
                    List<Move> winners = search.winners(position, POINTS, PLIES);
                    if (!winners.isEmpty()) {
                        found.add(new GainPosition(position, winners));
                    }
                }
            }
        }
        return found;
    }
}
