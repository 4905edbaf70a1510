package org.zeroply.coach.repertoire;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;

/**
 * The orders of moves in a repertoire that reach a position, and what each allows the other side to
 * do on the way.
 */
public final class MoveOrders {

    /** Orders that are told: our choice. */
    private static final int MOST = 50;

    /** Plies beyond which no orders are looked for: our choice. */
    private static final int LONGEST = 60;

    private MoveOrders() {}

    /**
     * An order.
     *
     * @param line the moves, numbered
     * @param allows the replies seen in games that leave it, each as the line before it and the
     *     reply
     * @param avoids replies that other orders allow and this one does not
     */
    public record Order(String line, List<String> allows, List<String> avoids) {
        public Order {
            allows = List.copyOf(allows);
            avoids = List.copyOf(avoids);
        }
    }

    /**
     * The orders that reach a position, at most {@value #MOST}.
     *
     * @param share how likely a reply must be to be told, 0 to 1
     */
    public static List<Order> of(
            Repertoire repertoire, Position target, Shares shares, double share) {
        List<List<Move>> ways = ways(repertoire, target);
        List<Set<String>> allowed = new ArrayList<>();
        Set<String> all = new LinkedHashSet<>();
        Position start = repertoire.starts().get(0).position();
        for (List<Move> way : ways) {
            Set<String> replies = allowed(repertoire, start, way, shares, share);
            allowed.add(replies);
            all.addAll(replies);
        }
        List<Order> orders = new ArrayList<>();
        for (int i = 0; i < ways.size(); i++) {
            Set<String> avoids = new LinkedHashSet<>(all);
            avoids.removeAll(allowed.get(i));
            orders.add(
                    new Order(
                            Line.numbered(start, ways.get(i)),
                            List.copyOf(allowed.get(i)),
                            List.copyOf(avoids)));
        }
        return orders;
    }

    /**
     * What leaves the order, told by the reply and the position, so that orders can be compared.
     */
    private static Set<String> allowed(
            Repertoire repertoire, Position start, List<Move> way, Shares shares, double share) {
        Set<String> replies = new LinkedHashSet<>();
        Position p = start;
        for (int i = 0; i < way.size(); i++) {
            if (!repertoire.isOurs(p)) {
                Set<Move> known = repertoire.at(p).map(s -> s.moves().keySet()).orElse(Set.of());
                Map<Move, Double> of = shares.of(p, known);
                for (Map.Entry<Move, Double> e : of.entrySet()) {
                    boolean other = !e.getKey().equals(way.get(i));
                    if (other && e.getValue() >= share && shares.games(p, e.getKey()) > 0) {
                        String before = Line.numbered(start, way.subList(0, i));
                        replies.add((before + "  " + San.write(p, e.getKey())).strip());
                    }
                }
            }
            p = p.play(way.get(i));
        }
        return replies;
    }

    /** All ways through the graph, the shortest first; a position is passed once on each way. */
    private static List<List<Move>> ways(Repertoire repertoire, Position target) {
        List<List<Move>> ways = new ArrayList<>();
        Map<Position, Boolean> leads = new HashMap<>();
        Deque<List<Move>> open = new ArrayDeque<>(List.of(List.<Move>of()));
        Position start = repertoire.starts().get(0).position();
        while (!open.isEmpty() && ways.size() < MOST) {
            List<Move> way = open.remove();
            Position p = start.play(way);
            if (p.equals(target)) {
                ways.add(way);
                continue;
            }
            if (way.size() < LONGEST) {
                Optional<Spot> spot = repertoire.at(p);
                for (Move move : spot.map(s -> s.moves().keySet()).orElse(Set.of())) {
                    if (leads(repertoire, p.play(move), target, leads, 0)) {
                        List<Move> longer = new ArrayList<>(way);
                        longer.add(move);
                        open.add(longer);
                    }
                }
            }
        }
        return ways;
    }

    private static boolean leads(
            Repertoire repertoire,
            Position from,
            Position target,
            Map<Position, Boolean> known,
            int depth) {
        if (from.equals(target)) {
            return true;
        }
        Boolean before = known.get(from);
        if (before != null || depth > LONGEST) {
            return Boolean.TRUE.equals(before);
        }
        known.put(from, false);
        boolean leads =
                repertoire.at(from).map(s -> s.moves().keySet()).orElse(Set.of()).stream()
                        .anyMatch(m -> leads(repertoire, from.play(m), target, known, depth + 1));
        known.put(from, leads);
        return leads;
    }
}
