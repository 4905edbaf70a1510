package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Width;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * What an engine holds against a repertoire: costly choices, traps and what they cost, moves that
 * must be known. Every position is searched on a fixed number of nodes.
 */
public final class EngineAudit {

    /** All moves of a position are told apart. */
    private static final int ALL_MOVES = 256;

    /** Points of a hundred a reply must lose to fall into a trap. */
    private static final double TRAP = 15;

    /** How likely a reply must be to be the one a trap is set for. */
    private static final double LIKELY = 0.25;

    /** A move found by fewer, 0 to 1, must be known. */
    private static final double RARELY = 0.34;

    private static final int DEEP = 8;
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
     * @param reply the reply that falls into it
     * @param share how likely it is there, 0 to 1
     * @param gain points of a hundred that the reply loses
     * @param punishment the line that wins, our answer first
     * @param cost points of a hundred that our move loses against the best reply, beside our best
     *     move; a trap that costs much is fragile
     * @param marked whether the repertoire calls it a trap
     */
    public record Trap(
            Spot spot,
            String move,
            String reply,
            double share,
            double gain,
            List<String> punishment,
            double cost,
            boolean marked) {

        public Trap {
            punishment = List.copyOf(punishment);
        }
    }

    /**
     * The only good move, seldom found.
     *
     * @param found how often it was played by those who came there, 0 to 1; empty with few games
     * @param depth depth in plies from which on the engine finds it
     */
    public record MustKnow(Spot spot, String move, Optional<Double> found, int depth) {}

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
        List<Costly> costly = new ArrayList<>();
        List<Trap> traps = new ArrayList<>();
        List<MustKnow> must = new ArrayList<>();
        List<Spot> ours =
                repertoire.spots().stream()
                        .filter(s -> repertoire.isOurs(s.position()) && !s.moves().isEmpty())
                        .toList();
        for (int i = 0; i < ours.size() && !cancellation.isCancelled(); i++) {
            Spot spot = ours.get(i);
            Analysis best = search(spot.position(), 1, cancellation);
            for (Move move : spot.moves().keySet()) {
                if (!move.isNull() && best.best().isPresent() && !cancellation.isCancelled()) {
                    look(spot, move, best, costly, traps, cancellation);
                }
            }
            mustKnow(spot, best, cancellation).ifPresent(must::add);
            progress.accept((i + 1.0) / ours.size());
        }
        costly.sort(Comparator.comparingDouble(Costly::loss).reversed());
        traps.sort(Comparator.comparingDouble((Trap t) -> t.share() * t.gain()).reversed());
        return cancellation.isCancelled()
                ? Optional.empty()
                : Optional.of(new Findings(costly, traps, must));
    }

    private Analysis search(Position position, int lines, Cancellation cancellation) {
        return engine.analyse(
                AnalysisRequest.of(position, Limits.nodes(nodes)).withLines(lines),
                a -> {},
                cancellation);
    }

    private double expected(Position position, Cancellation cancellation) {
        return search(position, 1, cancellation)
                .best()
                .map(Analysis.Candidate::expected)
                .orElse(0.5);
    }

    private void look(
            Spot spot,
            Move move,
            Analysis best,
            List<Costly> costly,
            List<Trap> traps,
            Cancellation cancellation) {
        Analysis.Candidate choice = best.best().orElseThrow();
        Position after = spot.position().play(move);
        if (after.legalMoves().isEmpty()) {
            return;
        }
        Analysis replies = search(after, ALL_MOVES, cancellation);
        if (replies.best().isEmpty()) {
            return;
        }
        double loss =
                choice.move().equals(move)
                        ? 0
                        : Math.max(
                                0, 100 * (choice.expected() - 1 + expected(after, cancellation)));
        String san = San.write(spot.position(), move);
        Optional<String> accepted = spot.note(move).accepted();
        if (loss >= most || accepted.isPresent()) {
            List<String> better = Line.san(spot.position(), choice.line());
            costly.add(new Costly(spot, san, loss, better, accepted));
        }
        trap(spot, move, replies, loss, cancellation).ifPresent(traps::add);
    }

    /** The likeliest reply, when it loses. */
    private Optional<Trap> trap(
            Spot spot, Move move, Analysis replies, double cost, Cancellation cancellation) {
        Position after = spot.position().play(move);
        boolean marked = spot.note(move).trap();
        Set<Move> known = repertoire.at(after).map(s -> s.moves().keySet()).orElse(Set.of());
        Map<Move, Double> likely = shares.of(after, known);
        double best = replies.best().orElseThrow().expected();
        return replies.lines().stream()
                .filter(c -> 100 * (best - c.expected()) >= TRAP)
                .filter(c -> marked || shares.games(after, c.move()) > 0)
                .filter(c -> marked || likely.getOrDefault(c.move(), 0.0) >= LIKELY)
                .max(Comparator.comparingDouble(c -> likely.getOrDefault(c.move(), 0.0)))
                .map(
                        c ->
                                new Trap(
                                        spot,
                                        San.write(spot.position(), move),
                                        San.write(after, c.move()),
                                        likely.getOrDefault(c.move(), 0.0),
                                        100 * (best - c.expected()),
                                        punishment(after.play(c.move()), cancellation),
                                        cost,
                                        marked));
    }

    private List<String> punishment(Position position, Cancellation cancellation) {
        return search(position, 1, cancellation)
                .best()
                .map(b -> Line.san(position, b.line()))
                .orElse(List.of());
    }

    private Optional<MustKnow> mustKnow(Spot spot, Analysis best, Cancellation cancellation) {
        Optional<Move> ours = spot.recommended(Optional.empty());
        if (best.best().isEmpty() || !ours.equals(best.best().map(Analysis.Candidate::move))) {
            return Optional.empty();
        }
        Analysis all = search(spot.position(), ALL_MOVES, cancellation);
        boolean only =
                Width.of(all) == 1
                        || all.lines().size() > 1
                                && 100
                                                * (all.lines().get(0).expected()
                                                        - all.lines().get(1).expected())
                                        >= TRAP;
        int games = shares.games(spot.position());
        Optional<Double> found =
                games < FEW_GAMES || !shares.areFromGames()
                        ? Optional.empty()
                        : Optional.of(shares.games(spot.position(), ours.get()) / (double) games);
        boolean rare = found.filter(f -> f < RARELY).isPresent();
        boolean deep = best.depthFound() >= DEEP;
        return only && (rare || deep)
                ? Optional.of(
                        new MustKnow(
                                spot,
                                San.write(spot.position(), ours.get()),
                                found,
                                best.depthFound()))
                : Optional.empty();
    }
}
