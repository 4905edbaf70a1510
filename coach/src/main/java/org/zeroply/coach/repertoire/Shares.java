package org.zeroply.coach.repertoire;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * How likely each reply is, from the games at hand. Thin data are smoothed by adding a few games
 * played as a prior would have it (additive smoothing with a Dirichlet prior; D. J. C. MacKay and
 * L. C. Peto, A hierarchical Dirichlet language model, 1995): half of these go to the replies the
 * coach has thought of, half to all legal moves alike.
 */
public final class Shares {

    /** Games added as the prior would have them. */
    public static final double PRIOR_GAMES = 4;

    /** The part of the replies, without games, that goes to those a chapter names: our choice. */
    private static final double THOUGHT_OF = 0.5;

    private final Replies replies;

    /** Each position is asked once; the games do not change while a question is answered. */
    private final Map<Position, List<Replies.Reply>> known = new ConcurrentHashMap<>();

    public Shares(Replies replies) {
        this.replies = replies;
    }

    private List<Replies.Reply> replies(Position position) {
        return known.computeIfAbsent(position, replies::at);
    }

    /**
     * The probability of every legal move; they sum to 1.
     *
     * @param thoughtOf the replies that are in the repertoire
     */
    public Map<Move, Double> of(Position position, Set<Move> thoughtOf) {
        List<Move> legal = position.legalMoves();
        Map<Move, Integer> games = new HashMap<>();
        replies(position).forEach(r -> games.merge(r.move(), r.games(), Integer::sum));
        double total = games.values().stream().mapToInt(Integer::intValue).sum() + PRIOR_GAMES;
        double named = thoughtOf.isEmpty() ? 0 : THOUGHT_OF / thoughtOf.size();
        double any = (thoughtOf.isEmpty() ? 1 : 1 - THOUGHT_OF) / Math.max(1, legal.size());
        Map<Move, Double> shares = new LinkedHashMap<>();
        for (Move move : legal) {
            double prior = any + (thoughtOf.contains(move) ? named : 0);
            shares.put(move, (games.getOrDefault(move, 0) + PRIOR_GAMES * prior) / total);
        }
        return shares;
    }

    /** Whether there are games behind them; otherwise no number of games may be told. */
    public boolean areFromGames() {
        return replies.werePlayed();
    }

    /** Games in which a move was played, or as if it had been. */
    public int games(Position position, Move move) {
        return replies(position).stream()
                .filter(r -> r.move().equals(move))
                .mapToInt(Replies.Reply::games)
                .sum();
    }

    /** Games that came to a position and went on. */
    public int games(Position position) {
        return replies(position).stream().mapToInt(Replies.Reply::games).sum();
    }
}
