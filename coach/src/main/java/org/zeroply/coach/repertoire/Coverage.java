package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;

/**
 * How far into a game the repertoire reaches: the probability that a game in which we follow it and
 * the replies come as likely as in the games at hand is still in it.
 */
public final class Coverage {

    /** Our moves looked at. */
    private static final int MOST = 40;

    private final List<Double> byMove;
    private final List<Leak> leaks;
    private final List<Double> unseen;
    private final Map<Spot, Double> reached;

    private Coverage(
            List<Double> byMove, List<Leak> leaks, List<Double> unseen, Map<Spot, Double> reached) {
        this.byMove = List.copyOf(byMove);
        this.leaks = List.copyOf(leaks);
        this.unseen = List.copyOf(unseen);
        this.reached = Collections.unmodifiableMap(reached);
    }

    /**
     * A place where games leave the repertoire.
     *
     * @param spot the last position of the repertoire
     * @param reply their move that has no answer; empty where the repertoire has no move for us
     * @param move which of our moves would come next, 1 for the first of the repertoire
     * @param probability how likely a game leaves here, 0 to 1
     * @param games games in which the reply was played
     */
    public record Leak(Spot spot, Optional<Move> reply, int move, double probability, int games) {

        /** The reply in SAN; empty where the repertoire has no move for us. */
        public String san() {
            return reply.map(m -> San.write(spot.position(), m)).orElse("");
        }
    }

    /**
     * The coverage from the first chapter's start, for somebody of a school.
     *
     * @param shares how likely the replies are
     */
    public static Coverage of(Repertoire repertoire, Shares shares, Optional<Approach> school) {
        return new Walk(repertoire, shares, school).coverage();
    }

    /** The probability that our n-th move is still from the repertoire, from the first one on. */
    public List<Double> byMove() {
        return byMove;
    }

    /** Where games leave the repertoire, the likeliest place first. */
    public List<Leak> leaks() {
        return leaks;
    }

    /**
     * The probability that a game leaves just before our n-th move by a reply that nobody has
     * played yet, from the first move on.
     */
    public List<Double> unseen() {
        return unseen;
    }

    /** How likely a game comes to each position that can be reached, 0 to 1. */
    public Map<Spot, Double> reached() {
        return reached;
    }

    /** The unanswered replies whose answer would raise the coverage most. */
    public List<Leak> best(int most) {
        return leaks.stream().limit(most).toList();
    }

    /** Follows the probability through the graph, ply by ply, so that orders flow together. */
    private static final class Walk {
        private final Repertoire repertoire;
        private final Shares shares;
        private final Optional<Approach> school;
        private final List<Double> byMove = new ArrayList<>();
        private final List<Leak> leaks = new ArrayList<>();
        private final List<Double> unseen = new ArrayList<>();
        private final Map<Spot, Double> reached = new LinkedHashMap<>();

        Walk(Repertoire repertoire, Shares shares, Optional<Approach> school) {
            this.repertoire = repertoire;
            this.shares = shares;
            this.school = school;
        }

        Coverage coverage() {
            Map<Position, Double> now = new LinkedHashMap<>();
            now.put(repertoire.starts().get(0).position(), 1.0);
            int move = 1;
            while (!now.isEmpty() && move <= MOST) {
                Map<Position, Double> next = new LinkedHashMap<>();
                double moved = 0;
                for (Map.Entry<Position, Double> e : now.entrySet()) {
                    Spot spot = repertoire.at(e.getKey()).orElseThrow();
                    reached.merge(spot, e.getValue(), Double::sum);
                    if (repertoire.isOurs(spot.position())) {
                        moved += ours(spot, e.getValue(), move, next);
                    } else {
                        theirs(spot, e.getValue(), move, next);
                    }
                }
                if (moved > 0) {
                    byMove.add(moved);
                    move++;
                }
                now = next;
            }
            leaks.sort(Comparator.comparingDouble(Leak::probability).reversed());
            return new Coverage(byMove, leaks, unseen, reached);
        }

        /** What comes on by our move. */
        private double ours(Spot spot, double mass, int move, Map<Position, Double> next) {
            Optional<Move> ours = spot.recommended(school);
            if (ours.isEmpty()) {
                leaks.add(new Leak(spot, Optional.empty(), move, mass, 0));
                return 0;
            }
            next.merge(spot.position().play(ours.get()), mass, Double::sum);
            return mass;
        }

        private void theirs(Spot spot, double mass, int move, Map<Position, Double> next) {
            var known = spot.moves().keySet();
            if (spot.position().legalMoves().isEmpty()) {
                return;
            }
            for (Map.Entry<Move, Double> e : shares.of(spot.position(), known).entrySet()) {
                double part = mass * e.getValue();
                if (known.contains(e.getKey())) {
                    next.merge(spot.position().play(e.getKey()), part, Double::sum);
                } else {
                    leak(spot, e.getKey(), part, move);
                }
            }
        }

        private void leak(Spot spot, Move reply, double part, int move) {
            int games = shares.games(spot.position(), reply);
            if (games > 0) {
                leaks.add(new Leak(spot, Optional.of(reply), move, part, games));
                return;
            }
            while (unseen.size() < move) {
                unseen.add(0.0);
            }
            unseen.set(move - 1, unseen.get(move - 1) + part);
        }
    }
}
