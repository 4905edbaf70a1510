package org.zeroply.coach.defence.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.ForcingMoves;

/**
 * Finds what prepares a wished move. First it lets the other side pass, to see which moves could
 * help at all; then it plays those against the best replies.
 */
public final class WishFinder {

    /** A wished move that costs less expected score than this works. */
    private static final double COSTS_NOTHING = MoveComparison.WEAKER;

    /** What a preparing move may cost. */
    private static final double PATIENCE = MoveComparison.HARM;

    /**
     * Changes that are put together at most: beyond three a wish tells nothing of the position. Our
     * choice.
     */
    private static final int MOST = 3;

    /** Replies played against at each step. */
    private static final int REPLIES = 2;

    /** So many moves at most are combined into pairs and into threes. */
    private static final int[] COMBINED = {40, 14, 8};

    /** A first look takes this part of the nodes: our choice. */
    private static final int BRIEF = 4;

    private final MoveEvaluator evaluator;
    private final MoveEvaluator brief;

    /**
     * @param evaluator with the nodes for each verdict
     */
    public WishFinder(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
        brief = evaluator.brief(BRIEF);
    }

    /**
     * Looks for what prepares a move.
     *
     * @param from where its man stands
     * @param to where it should go
     * @param progress told the part done, 0 to 1
     * @throws java.util.concurrent.CancellationException when cancelled
     * @throws IllegalArgumentException if no man of the side to move stands there, or there is no
     *     legal move
     */
    public Wish find(Position position, int from, int to, DoubleConsumer progress) {
        boolean own =
                position.pieceAt(from).filter(p -> p.side() == position.sideToMove()).isPresent();
        Weighed best =
                evaluator
                        .among(position, position.legalMoves())
                        .filter(b -> own)
                        .orElseThrow(() -> new IllegalArgumentException("no man there can move"));
        Search search = new Search(position, from, to, best.expected().value());
        Optional<Weighed> now = search.wished(position).map(m -> evaluator.weigh(position, m));
        boolean works =
                now.filter(n -> best.expected().over(n.expected()) < COSTS_NOTHING).isPresent();
        if (works) {
            return new Wish(position, from, to, now, true, List.of(), true);
        }
        Map<Move, Double> promise = search.promises(progress);
        for (int size = 1; size <= MOST; size++) {
            List<Move> moves = best(promise, COMBINED[size - 1]);
            List<Wish.Preparation> sets = search.sets(moves, size, progress);
            boolean complete = moves.size() == promise.size();
            if (!sets.isEmpty() || size == MOST) {
                return new Wish(position, from, to, now, false, sets, complete);
            }
        }
        throw new IllegalStateException("the largest size returns");
    }

    private static List<Move> best(Map<Move, Double> promise, int most) {
        return promise.entrySet().stream()
                .sorted(Map.Entry.<Move, Double>comparingByValue(Comparator.reverseOrder()))
                .limit(most)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The search for one wish. */
    private final class Search {
        private final Position start;
        private final int from;
        private final int to;
        private final double worth;

        Search(Position start, int from, int to, double worth) {
            this.start = start;
            this.from = from;
            this.to = to;
            this.worth = worth;
        }

        Optional<Move> wished(Position p) {
            return p.legalMoves().stream()
                    .filter(m -> m.from() == from && m.to() == to)
                    .max(Comparator.comparing(m -> m.promotion().map(Enum::ordinal).orElse(0)));
        }

        /** Moves that do not spoil the position, by what the wish would be worth after a pass. */
        Map<Move, Double> promises(DoubleConsumer progress) {
            Map<Move, Double> promises = new LinkedHashMap<>();
            List<Move> legal = start.legalMoves();
            for (int i = 0; i < legal.size(); i++) {
                Move move = legal.get(i);
                boolean other = move.from() != from || move.to() != to;
                if (other && brief.weigh(start, move).expected().value() >= worth - PATIENCE) {
                    promises.put(move, afterPass(List.of(move)));
                }
                progress.accept(0.2 * (i + 1) / legal.size());
            }
            return promises;
        }

        /** What the wish is worth when the other side passes after each of these moves. */
        private double afterPass(List<Move> moves) {
            Position p = start;
            for (Move move : moves) {
                if (!p.isLegal(move)) {
                    return 0;
                }
                p = p.play(move);
                if (p.inCheck()) {
                    return 0;
                }
                p = p.play(Move.NULL);
            }
            Position now = p;
            return wished(now).map(m -> brief.weigh(now, m).expected().value()).orElse(0.0);
        }

        List<Wish.Preparation> sets(List<Move> moves, int size, DoubleConsumer progress) {
            List<List<Move>> sets = combinations(moves, size);
            List<Wish.Preparation> found = new ArrayList<>();
            for (int i = 0; i < sets.size(); i++) {
                List<Move> set = sets.get(i);
                if (permutations(set).stream().anyMatch(o -> afterPass(o) >= worth - PATIENCE)) {
                    preparation(set).ifPresent(found::add);
                }
                progress.accept(0.2 + 0.8 * (size - 1 + (i + 1.0) / sets.size()) / MOST);
            }
            return found;
        }

        private Optional<Wish.Preparation> preparation(List<Move> set) {
            List<List<Move>> orders = new ArrayList<>();
            List<Move> line = new ArrayList<>();
            for (List<Move> order : permutations(set)) {
                List<Move> played = new ArrayList<>();
                if (works(start, order, played)) {
                    line = orders.isEmpty() ? played : line;
                    orders.add(order);
                }
            }
            return orders.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Wish.Preparation(orders, line, shots(line)));
        }

        /**
         * Whether the moves and then the wish work against each of the best replies.
         *
         * @param played receives the way of the best reply
         */
        private boolean works(Position p, List<Move> rest, List<Move> played) {
            Optional<Move> next = rest.isEmpty() ? wished(p) : Optional.of(rest.get(0));
            if (next.filter(p::isLegal).isEmpty()) {
                return false;
            }
            Move move = next.get();
            double allowed = rest.isEmpty() ? worth - COSTS_NOTHING : worth - PATIENCE;
            if (evaluator.weigh(p, move).expected().value() < allowed) {
                return false;
            }
            played.add(move);
            if (rest.isEmpty()) {
                return true;
            }
            Position after = p.play(move);
            Optional<Choice> replies = evaluator.choice(after, REPLIES);
            if (replies.isEmpty()) {
                return false;
            }
            List<Weighed> best = new ArrayList<>(List.of(replies.get().best()));
            best.addAll(replies.get().asGood(MoveComparison.WEAKER));
            List<Move> first = List.of();
            for (Weighed reply : best) {
                List<Move> on = new ArrayList<>();
                if (!works(after.play(reply.move()), rest.subList(1, rest.size()), on)) {
                    return false;
                }
                if (first.isEmpty()) {
                    on.add(0, reply.move());
                    first = on;
                }
            }
            played.addAll(first);
            return true;
        }

        /** The strongest check, capture or threat that each preparing move allows. */
        private List<List<Move>> shots(List<Move> line) {
            List<List<Move>> shots = new ArrayList<>();
            Position p = start;
            for (int i = 0; i + 1 < line.size(); i += 2) {
                Position after = p.play(line.get(i));
                List<Move> forcing =
                        ForcingMoves.of(new Scene(after), after.sideToMove()).moves().stream()
                                .map(ForcingMoves.Forcing::move)
                                .toList();
                shots.add(brief.among(after, forcing).map(Weighed::line).orElse(List.of()));
                p = after.play(line.get(i + 1));
            }
            return shots;
        }
    }

    private static List<List<Move>> combinations(List<Move> moves, int size) {
        if (size == 0) {
            return List.of(List.of());
        }
        List<List<Move>> all = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            for (List<Move> rest : combinations(moves.subList(i + 1, moves.size()), size - 1)) {
                List<Move> one = new ArrayList<>(List.of(moves.get(i)));
                one.addAll(rest);
                all.add(one);
            }
        }
        return all;
    }

    private static List<List<Move>> permutations(List<Move> moves) {
        if (moves.size() <= 1) {
            return List.of(moves);
        }
        List<List<Move>> all = new ArrayList<>();
        for (Move first : moves) {
            List<Move> others = moves.stream().filter(m -> !m.equals(first)).toList();
            for (List<Move> rest : permutations(others)) {
                List<Move> one = new ArrayList<>(List.of(first));
                one.addAll(rest);
                all.add(one);
            }
        }
        return all;
    }
}
