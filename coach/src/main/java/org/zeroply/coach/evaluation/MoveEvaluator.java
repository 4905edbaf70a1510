package org.zeroply.coach.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;

/**
 * Tells what moves are worth: by the ending tables or as a solved pawn ending where every move is
 * known, else by an engine on a fixed number of nodes, so that the answer is always the same.
 */
public final class MoveEvaluator {

    /** Points of a hundred by which another move may be behind and yet turn out as good. */
    private static final double CLOSE = 16;

    /** Points of a hundred by which a move may be behind and yet be a rival of the best one. */
    private static final double RIVAL = 32;

    /** As many as a position can have moves. */
    public static final int ALL = 256;

    /** The same where the best move draws: there a draw is often found late. */
    private static final double CLOSE_TO_A_DRAW = 32;

    /** Expected score within which of a half a position is level. */
    private static final double LEVEL = 0.07;

    /** Nodes below which nothing can be told. */
    private static final long FEWEST = 500;

    private final Engine engine;
    private final SolvingEngine solver;
    private final long nodes;
    private final Cancellation cancellation;

    /** What was asked before; empty where nothing is to be remembered. */
    private final Optional<Memory> memory;

    /** What was asked in one piece of work, with what came out on so many nodes. */
    private static final class Memory {

        private record Question(Position position, int most) {}

        private record Answer(Optional<Choice> choice, long until) {}

        private record Asked(Position position, List<Move> moves) {}

        private record Found(Optional<Weighed> best, long nodes) {}

        private final Map<Question, Answer> choices = new HashMap<>();
        private final Map<Asked, Found> moves = new HashMap<>();
    }

    /**
     * @param nodes nodes for each search
     * @param cancellation ends a search with a {@link CancellationException}
     */
    public MoveEvaluator(Engine engine, Endings endings, long nodes, Cancellation cancellation) {
        this(engine, new SolvingEngine(engine, endings), nodes, cancellation, Optional.empty());
    }

    /** The same with no tables of endings beside those that the engine itself has. */
    public MoveEvaluator(Engine engine, long nodes, Cancellation cancellation) {
        this(engine, Endings.NONE, nodes, cancellation);
    }

    private MoveEvaluator(
            Engine engine,
            SolvingEngine solver,
            long nodes,
            Cancellation cancellation,
            Optional<Memory> memory) {
        this.engine = engine;
        this.solver = solver;
        this.nodes = nodes;
        this.cancellation = cancellation;
        this.memory = memory;
    }

    /**
     * The same for one piece of work, which asks some questions more than once: choices once made
     * are given again, those made on more nodes for those on fewer. For one thread.
     */
    public MoveEvaluator remembering() {
        return new MoveEvaluator(engine, solver, nodes, cancellation, Optional.of(new Memory()));
    }

    /** The same with another number of nodes. */
    public MoveEvaluator withNodes(long other) {
        return new MoveEvaluator(engine, solver, other, cancellation, memory);
    }

    /** The same for brief looks, on a part of the nodes, but not fewer than {@value #FEWEST}. */
    public MoveEvaluator brief(int part) {
        return withNodes(Math.max(FEWEST, nodes / part));
    }

    /** Name of the engine, for stamps. */
    public String engine() {
        return engine.name();
    }

    /** Nodes for each search. */
    public long nodes() {
        return nodes;
    }

    /**
     * The best moves of a position; empty when there is no legal move.
     *
     * @param most how many to tell apart
     * @throws CancellationException when cancelled
     */
    public Optional<Choice> choice(Position position, int most) {
        return choice(position, most, nodes);
    }

    /** The best move of a position; see {@link #choice}. */
    public Optional<Choice> choice(Position position) {
        return choice(position, 1);
    }

    /** All moves of a position, told apart by one search; see {@link #choice}. */
    public Optional<Choice> all(Position position) {
        return choice(position, ALL);
    }

    /**
     * What a position promises who is to move; a finished game what it brought.
     *
     * @throws CancellationException when cancelled
     */
    public ExpectedScore expected(Position position) {
        return expected(choice(position), position);
    }

    /** The same for one of the two sides, whoever is to move. */
    public ExpectedScore expected(Position position, Side side) {
        ExpectedScore own = expected(position);
        return position.sideToMove() == side ? own : own.opponents();
    }

    /** What a position promises by a choice; without one, the position is finished. */
    public static ExpectedScore expected(Optional<Choice> choice, Position position) {
        return choice.map(c -> c.best().expected())
                .orElse(position.isCheckmate() ? ExpectedScore.LOSS : ExpectedScore.DRAW);
    }

    /**
     * What one move loses against another, by what the positions after them promise.
     *
     * @throws CancellationException when cancelled
     */
    public Loss loss(Position position, Move played, Move better) {
        return Loss.between(after(position, better), after(position, played));
    }

    /**
     * What a move loses against the best one, by what the position promises after it and before.
     *
     * @throws CancellationException when cancelled
     */
    public Loss loss(Position position, Move played) {
        return Loss.between(expected(position), after(position, played));
    }

    /** What the position after a move promises who played it. */
    private ExpectedScore after(Position position, Move move) {
        return expected(position.play(move)).opponents();
    }

    /**
     * The best move of a position looked at to a depth, so that like is compared with like; empty
     * when there is no legal move.
     *
     * @param plies the depth; the evaluator's nodes are the limit should it take longer
     * @throws CancellationException when cancelled
     */
    public Optional<Weighed> toDepth(Position position, int plies) {
        Limits limits = new Limits(plies, nodes, Long.MAX_VALUE);
        return run(AnalysisRequest.of(position, limits)).best().map(MoveEvaluator::weighed);
    }

    /**
     * The best moves of a position, looked at on the evaluator's nodes at least and on until all is
     * settled; empty when there is no legal move.
     *
     * @param most how many to tell apart
     * @param cap nodes at which what is not settled stays open
     * @throws CancellationException when cancelled
     */
    public Optional<Choice> settled(Position position, int most, long cap) {
        return choice(position, most, Math.max(nodes, cap));
    }

    /**
     * The best moves of a position, the best one by a search of its own: on one line more is found
     * than on several at once. Other moves that are close to it, seem better or win too are looked
     * at longer.
     *
     * @param most how many to tell apart
     * @param cap nodes at which what is not settled stays open
     * @throws CancellationException when cancelled
     */
    public Optional<Choice> thorough(Position position, int most, long cap) {
        Optional<Choice> several = choice(position, most);
        if (most < 2 || several.filter(c -> c.legal() > 1 && !c.best().exact()).isEmpty()) {
            return most < 2 ? settled(position, 1, cap) : several;
        }
        Choice one = settled(position, 1, cap).orElseThrow();
        List<Weighed> moves = new ArrayList<>(List.of(one.best()));
        for (Weighed other : several.get().moves()) {
            if (!other.move().equals(one.best().move())) {
                long longer = Math.max(nodes, cap / 2);
                moves.add(
                        mayDoAsWell(other, one.best())
                                ? withNodes(longer).weigh(position, other.move())
                                : other);
            }
        }
        return Optional.of(with(one, moves, most));
    }

    /** A choice between moves of which some were looked at again, the best first. */
    private static Choice with(Choice choice, List<Weighed> moves, int most) {
        List<Weighed> best =
                moves.stream()
                        .sorted(Comparator.comparing(Weighed::score).reversed())
                        .limit(most)
                        .toList();
        return new Choice(
                choice.position(), best, choice.legal(), choice.leaders(), choice.sureness());
    }

    /**
     * The same choice with the best move and the next ones, where these are not far behind, looked
     * at by themselves for longer.
     *
     * @param rivals how many of the next ones
     * @param longer nodes for each of these moves
     * @throws CancellationException when cancelled
     */
    public Choice longer(Choice choice, int rivals, long longer) {
        List<Weighed> near =
                choice.moves().stream()
                        .skip(1)
                        .limit(rivals)
                        .filter(w -> Loss.of(w, choice.best()).points() < RIVAL)
                        .toList();
        if (near.isEmpty() || choice.best().exact()) {
            return choice;
        }
        MoveEvaluator by = withNodes(Math.max(nodes, longer));
        List<Weighed> moves = new ArrayList<>();
        for (Weighed w : choice.moves()) {
            boolean again = w.equals(choice.best()) || near.contains(w);
            moves.add(again ? by.weigh(choice.position(), w.move()) : w);
        }
        return with(choice, moves, moves.size());
    }

    /** Whether a longer look may find a move as good as the best one: it is near, or wins too. */
    private static boolean mayDoAsWell(Weighed other, Weighed best) {
        boolean wins =
                !best.mates()
                        && best.result() == ResultClass.WIN
                        && other.result() == ResultClass.WIN;
        double level = Math.abs(best.expected().over(ExpectedScore.DRAW));
        double near = level <= LEVEL ? CLOSE_TO_A_DRAW : CLOSE;
        return wins || Loss.of(other, best).points() < near;
    }

    private Optional<Choice> choice(Position position, int most, long until) {
        Memory.Question question = new Memory.Question(position, most);
        Optional<Memory.Answer> before =
                memory.map(m -> m.choices.get(question)).filter(a -> a.until() >= until);
        if (before.isPresent()) {
            return before.get().choice();
        }
        Optional<Choice> found = search(position, most, until);
        memory.ifPresent(m -> m.choices.put(question, new Memory.Answer(found, until)));
        return found;
    }

    private Optional<Choice> search(Position position, int most, long until) {
        int legal = position.legalMoves().size();
        if (legal == 0) {
            return Optional.empty();
        }
        List<Weighed> exact = exact(position);
        if (!exact.isEmpty()) {
            List<Weighed> best = exact.stream().limit(most).map(w -> shown(position, w)).toList();
            return Optional.of(new Choice(position, best, legal, List.of(), Sureness.SETTLED));
        }
        boolean mayEnd = until > nodes;
        Cancellation search = mayEnd ? new Cancellation(cancellation) : cancellation;
        // The last depth that was finished took more than half of the nodes, seldom all of them.
        long least = mayEnd ? nodes : nodes / 2;
        Settling settling = new Settling(mayEnd ? search : new Cancellation(), least);
        Analysis analysis =
                engine.analyse(
                        AnalysisRequest.of(position, Limits.nodes(until)).withLines(most),
                        settling,
                        search);
        throwIfCancelled();
        List<Weighed> moves = analysis.lines().stream().map(MoveEvaluator::weighed).toList();
        Sureness sureness = settling.sureness();
        return Optional.of(new Choice(position, moves, legal, analysis.byDepth(), sureness));
    }

    /**
     * What one legal move is worth.
     *
     * @throws CancellationException when cancelled
     */
    public Weighed weigh(Position position, Move move) {
        return among(position, List.of(move)).orElseThrow();
    }

    /**
     * The best of some legal moves; empty when none are given.
     *
     * @throws CancellationException when cancelled
     */
    public Optional<Weighed> among(Position position, List<Move> moves) {
        if (moves.isEmpty()) {
            return Optional.empty();
        }
        Memory.Asked asked = new Memory.Asked(position, List.copyOf(moves));
        Optional<Memory.Found> before =
                memory.map(m -> m.moves.get(asked)).filter(f -> f.nodes() >= nodes);
        if (before.isPresent()) {
            return before.get().best();
        }
        Optional<Weighed> known =
                exact(position).stream()
                        .filter(w -> moves.contains(w.move()))
                        .findFirst()
                        .map(w -> shown(position, w));
        Optional<Weighed> best =
                known.isPresent()
                        ? known
                        : run(AnalysisRequest.of(position, limits()).among(moves))
                                .best()
                                .map(MoveEvaluator::weighed);
        memory.ifPresent(m -> m.moves.put(asked, new Memory.Found(best, nodes)));
        return best;
    }

    private Limits limits() {
        return Limits.nodes(nodes);
    }

    private Analysis run(AnalysisRequest request) {
        Analysis analysis = engine.analyse(request, a -> {}, cancellation);
        throwIfCancelled();
        return analysis;
    }

    private void throwIfCancelled() {
        if (cancellation.isCancelled()) {
            throw new CancellationException("the search was cancelled");
        }
    }

    private static Weighed weighed(Analysis.Candidate c) {
        return new Weighed(c.move(), c.score(), c.expected(), c.depth(), c.line(), false);
    }

    /** All moves, best first, where all of them are known; none elsewhere. */
    private List<Weighed> exact(Position position) {
        List<Weighed> known = solver.moves(position, nodes, cancellation);
        throwIfCancelled();
        return known;
    }

    private Weighed shown(Position position, Weighed exact) {
        Weighed shown = solver.shown(position, exact, cancellation);
        throwIfCancelled();
        return shown;
    }
}
