package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/**
 * Looks through games for positions to be defended: one or two of many moves hold, and at least two
 * that fail look as if they did.
 */
public final class DefenceFinder implements GameSearch {

    /** The theme of such finds, as wishes name it. */
    public static final String THEME = "defence";

    /** With fewer nodes a move no longer tells whether it holds: our choice. */
    private static final long FEWEST_NODES = 500;

    /** With fewer legal moves there is little to eliminate: our choice. */
    private static final int FEWEST_MOVES = 10;

    /** More moves that hold make no exercise in defending: our choice. */
    private static final int MOST_HELD = 2;

    /** So many moves have to look like defences and fail: our choice. */
    private static final int TEMPTING = 2;

    /** Expected scores at a short look: the best move still holds, the third one does not. */
    private static final double HOLDS = 0.25;

    /**
     * Expected score at which a move counts as failing at a first look; it is {@link
     * org.zeroply.coach.evaluation.ResultClass#LOSS} there.
     */
    private static final double FAILS = 0.15;

    private final Engine engine;
    private final Endings endings;
    private final long nodes;
    private final Wishes wishes;

    /**
     * @param nodes nodes for each move of an elimination; see {@link Eliminator}
     */
    public DefenceFinder(Engine engine, Endings endings, long nodes, Wishes wishes) {
        this.engine = engine;
        this.endings = endings;
        this.nodes = nodes;
        this.wishes = wishes;
    }

    /**
     * Nodes for each move of an elimination that go with those for each longer look of an {@link
     * ExerciseFinder}: shorter searches for one kind are shorter for the other.
     */
    public static long nodesFor(long longerLook) {
        return Math.max(FEWEST_NODES, Eliminator.NODES * longerLook / ExerciseFinder.NODES);
    }

    @Override
    public Optional<List<Prospect>> in(
            MoveTree game, DoubleConsumer progress, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, endings, nodes, cancellation);
        return new GameWalk(wishes)
                .through(
                        game,
                        (position, last, ply) -> at(position, last, ply, evaluator),
                        progress);
    }

    private static Optional<Prospect> at(
            Position position, Move last, int ply, MoveEvaluator evaluator) {
        if (position.legalMoves().size() < FEWEST_MOVES) {
            return Optional.empty();
        }
        Choice choice = evaluator.choice(position, MOST_HELD + 1).orElseThrow();
        boolean few =
                choice.moves().size() > MOST_HELD
                        && choice.best().expected().value() >= HOLDS
                        && choice.best().expected().value() <= 1 - HOLDS
                        && choice.moves().get(MOST_HELD).expected().value() <= FAILS;
        if (!few || Obvious.why(choice, Optional.of(last)).isPresent()) {
            return Optional.empty();
        }
        return new Eliminator(evaluator)
                .run(position, e -> {})
                .filter(DefenceFinder::isWorth)
                .map(e -> prospect(e, ply));
    }

    private static boolean isWorth(Elimination found) {
        int held = found.held().size();
        return found.result() == Holding.DRAW
                && held >= 1
                && held + found.unclear().size() <= MOST_HELD
                && found.refuted().stream().filter(Candidate::tempts).count() >= TEMPTING;
    }

    private static Prospect prospect(Elimination found, int ply) {
        Position position = found.position();
        List<Candidate> tempting =
                found.refuted().stream().filter(Candidate::tempts).limit(TEMPTING + 1).toList();
        List<Appeal> appeals = new ArrayList<>();
        int held = found.held().size();
        String holds =
                held == 1
                        ? CoachWords.of("exercise.1-move-of")
                        : CoachWords.of("exercise.moves-of", held);
        String words =
                CoachWords.of(
                        held == 1 ? "exercise.holds" : "exercise.hold",
                        holds,
                        found.candidates().size());
        appeals.add(new Appeal(Appeal.Kind.DEFENCE, words));
        String names =
                String.join(
                        ", ", tempting.stream().map(c -> San.write(position, c.move())).toList());
        appeals.add(
                new Appeal(
                        Appeal.Kind.TEMPTING,
                        CoachWords.of("exercise.look-like-defences-and-fail", names)));
        Set<String> themes = new LinkedHashSet<>(List.of(THEME));
        tempting.forEach(c -> themes.add(c.motif().replace('-', ' ')));
        return new Prospect(
                position,
                ply,
                found.held().get(0).weighed().line(),
                tempting.stream().map(Candidate::move).toList(),
                appeals,
                List.copyOf(themes),
                1);
    }
}
