package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * What an engine holds against a repertoire: costly choices, traps and what they cost, moves that
 * must be known. Every position is searched on a fixed number of nodes.
 */
public final class EngineAudit {

    /** Points of a hundred that a move of ours may lose unless chosen otherwise; our choice. */
    public static final double USUAL_LOSS = 7;

    /** A move that seems to cost much is looked at on so many times the nodes. */
    private static final long LONGER = 10;

    /** Points of a hundred a reply must lose to fall into a trap. */
    private static final double TRAP = 100 * MoveComparison.HARM;

    /** How likely a reply must be to be the one a trap is set for. */
    private static final double LIKELY = 0.25;

    /** A move found by fewer, 0 to 1, must be known. */
    private static final double RARELY = 0.34;

    /**
     * An only move found at this depth or later will not be found at the board, in plies: our
     * choice.
     */
    private static final int DEEP = 8;

    /** With fewer games a move counts as rare: our choice. */
    private static final int FEW_GAMES = 5;

    private final Repertoire repertoire;
    private final Shares shares;
    private final Engine engine;
    private final long nodes;
    private final double most;

    /**
     * @param nodes nodes for each search
     * @param most points of a hundred that a move of ours may lose
     */
    public EngineAudit(
            Repertoire repertoire, Shares shares, Engine engine, long nodes, double most) {
        this.repertoire = repertoire;
        this.shares = shares;
        this.engine = engine;
        this.nodes = nodes;
        this.most = most;
    }

    /**
     * A move of ours that loses much.
     *
     * @param loss points of a hundred
     * @param better the engine's line, its choice first
     * @param accepted why the coach accepts it; empty when nobody has
     */
    public record Costly(
            Spot spot, String move, double loss, List<String> better, Optional<String> accepted) {
        public Costly {
            better = List.copyOf(better);
        }
    }

    /**
     * A position after our move in which a likely reply loses.
     *
     * @param fall the reply that falls into it
     * @param cost points of a hundred that our move loses against the best reply, beside our best
     *     move; a trap that costs much is fragile
     * @param marked whether the repertoire calls it a trap
     */
    public record Trap(Spot spot, String move, Fall fall, double cost, boolean marked) {}

    /**
     * A reply that falls into a trap.
     *
     * @param share how likely it is there, 0 to 1
     * @param gain points of a hundred that it loses
     * @param punishment the line that wins, our answer first
     */
    public record Fall(String reply, double share, double gain, List<String> punishment) {

        public Fall {
            punishment = List.copyOf(punishment);
        }
    }

    /**
     * A move that has to be known: the only good one, seldom found, or one the coach marked so.
     *
     * @param found how often it was played by those who came there, 0 to 1; empty with few games
     * @param depth depth in plies from which on the engine finds its best move
     * @param marked whether the coach marked it, whatever the engine thinks of it
     */
    public record MustKnow(
            Spot spot, String move, Optional<Double> found, int depth, boolean marked) {}

    /** All findings. */
    public record Findings(List<Costly> costly, List<Trap> traps, List<MustKnow> mustKnow) {
        public Findings {
            costly = List.copyOf(costly);
            traps = List.copyOf(traps);
            mustKnow = List.copyOf(mustKnow);
        }
    }

    /**
     * Searches every position of ours that has a move.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    public Optional<Findings> run(DoubleConsumer progress, Cancellation cancellation) {
        try {
            return Optional.of(new Run(cancellation).findings(progress));
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    /** One run, which ends with an exception when cancelled. */
    private final class Run {
        private final MoveEvaluator evaluator;

        /** For what seems costly; several moves of a position ask for its best move. */
        private final MoveEvaluator longer;

        private final List<Costly> costly = new ArrayList<>();
        private final List<Trap> traps = new ArrayList<>();
        private final List<MustKnow> must = new ArrayList<>();

        Run(Cancellation cancellation) {
            evaluator = new MoveEvaluator(engine, nodes, cancellation);
            longer = evaluator.withNodes(LONGER * nodes).remembering();
        }

        Findings findings(DoubleConsumer progress) {
            List<Spot> ours =
                    repertoire.spots().stream()
                            .filter(s -> repertoire.isOurs(s.position()) && !s.moves().isEmpty())
                            .toList();
            for (int i = 0; i < ours.size(); i++) {
                Spot spot = ours.get(i);
                evaluator.choice(spot.position()).ifPresent(best -> look(spot, best));
                progress.accept((i + 1.0) / ours.size());
            }
            costly.sort(Comparator.comparingDouble(Costly::loss).reversed());
            traps.sort(
                    Comparator.comparingDouble((Trap t) -> t.fall().share() * t.fall().gain())
                            .reversed());
            return new Findings(costly, traps, must);
        }

        private void look(Spot spot, Choice best) {
            spot.moves().keySet().stream()
                    .filter(m -> !m.isNull())
                    .forEach(m -> look(spot, m, best));
            mustKnow(spot, best);
        }

        private void look(Spot spot, Move move, Choice choice) {
            Weighed best = choice.best();
            Position after = spot.position().play(move);
            Optional<Choice> replies = evaluator.all(after);
            if (replies.isEmpty()) {
                return;
            }
            double loss = loss(evaluator, best, move, after);
            if (loss >= most) {
                // What is held against the coach's choice has to last.
                best = longer.choice(spot.position()).orElseThrow().best();
                loss = loss(longer, best, move, after);
            }
            String san = San.write(spot.position(), move);
            Optional<String> accepted = spot.note(move).accepted();
            if (loss >= most || accepted.isPresent()) {
                List<String> better = Line.san(spot.position(), best.line());
                costly.add(new Costly(spot, san, loss, better, accepted));
            }
            trap(spot, move, replies.get(), loss).ifPresent(traps::add);
        }

        private static double loss(
                MoveEvaluator evaluator, Weighed best, Move move, Position after) {
            return best.move().equals(move)
                    ? 0
                    : Loss.between(best.expected(), evaluator.expected(after).opponents()).points();
        }

        /** The likeliest reply, when it loses. */
        private Optional<Trap> trap(Spot spot, Move move, Choice replies, double cost) {
            Position after = replies.position();
            boolean marked = spot.note(move).trap();
            Set<Move> known = repertoire.at(after).map(s -> s.moves().keySet()).orElse(Set.of());
            Map<Move, Double> likely = shares.of(after, known);
            return replies.moves().stream()
                    .filter(w -> Loss.of(w, replies.best()).points() >= TRAP)
                    .filter(w -> marked || shares.games(after, w.move()) > 0)
                    .filter(w -> marked || likely.getOrDefault(w.move(), 0.0) >= LIKELY)
                    .max(Comparator.comparingDouble(w -> likely.getOrDefault(w.move(), 0.0)))
                    .map(
                            w ->
                                    new Trap(
                                            spot,
                                            San.write(spot.position(), move),
                                            new Fall(
                                                    San.write(after, w.move()),
                                                    likely.getOrDefault(w.move(), 0.0),
                                                    Loss.of(w, replies.best()).points(),
                                                    punishment(after.play(w.move()))),
                                            cost,
                                            marked));
        }

        private List<String> punishment(Position position) {
            return evaluator
                    .choice(position)
                    .map(c -> Line.san(position, c.best().line()))
                    .orElse(List.of());
        }

        private void mustKnow(Spot spot, Choice best) {
            Optional<Move> ours = spot.recommended(Optional.empty());
            for (Move move : spot.moves().keySet()) {
                boolean marked = !move.isNull() && spot.note(move).must();
                boolean mayBeOnly =
                        ours.equals(Optional.of(move)) && move.equals(best.best().move());
                if (marked || mayBeOnly && isOnlyAndHard(spot, move, best)) {
                    String san = San.write(spot.position(), move);
                    must.add(new MustKnow(spot, san, found(spot, move), best.depthFound(), marked));
                }
            }
        }

        private boolean isOnlyAndHard(Spot spot, Move move, Choice best) {
            Choice all = evaluator.all(spot.position()).orElseThrow();
            boolean only = all.width() == 1 || 100 * all.gap() >= TRAP;
            boolean rare = found(spot, move).filter(f -> f < RARELY).isPresent();
            return only && (rare || best.depthFound() >= DEEP);
        }

        /** How often a move was played by those who came there; empty with few games. */
        private Optional<Double> found(Spot spot, Move move) {
            int games = shares.games(spot.position());
            return games < FEW_GAMES || !shares.areFromGames()
                    ? Optional.empty()
                    : Optional.of(shares.games(spot.position(), move) / (double) games);
        }
    }
}
