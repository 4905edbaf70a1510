package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Positions of a theme in which one move is clearly better than all others, at most one of a game:
 * what can be asked about it. All figures are our choice.
 */
final class AskedMoves {

    /** Positions that are looked at. */
    private static final int LOOKED_AT = 240;

    /** So many on the theme are enough to choose from. */
    private static final int ENOUGH = 14;

    /** So many of them are kept, those in which the most hangs on the move. */
    private static final int KEPT = 9;

    /** By so much, in expected score, is the answer better than every other move. */
    private static final double ONLY = 0.15;

    /** Expected score that shows what a theme is worth. */
    private static final double CLEAR = 0.7;

    /** Plies of the answer in which it must have to do with the theme. */
    private static final int TOUCHED = 3;

    /** Of the nodes, for the look that tells whether a longer one may find something. */
    private static final int BRIEF = 8;

    private final MoveEvaluator evaluator;
    private final MoveEvaluator brief;

    /** By game, in the order in which they were found. */
    private final Map<MoveTree, AskedMove> onTheme = new LinkedHashMap<>();

    /** The first of each game that has none on the theme. */
    private final Map<MoveTree, AskedMove> beside = new LinkedHashMap<>();

    private AskedMoves(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
        brief = evaluator.brief(BRIEF);
    }

    /**
     * Looks for them where the side whose theme it is has the move.
     *
     * @param but games that are shown already
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    static AskedMoves find(
            MoveEvaluator evaluator,
            List<Example> found,
            Set<MoveTree> but,
            Cancellation cancellation,
            DoubleConsumer progress) {
        AskedMoves moves = new AskedMoves(evaluator);
        List<Example> some = inTurns(found, but).stream().limit(LOOKED_AT).toList();
        for (int i = 0; i < some.size() && moves.onTheme.size() < ENOUGH; i++) {
            ExampleSteps.goOn(cancellation);
            MoveTree game = some.get(i).game();
            if (!moves.onTheme.containsKey(game)) {
                moves.of(some.get(i))
                        .ifPresent(
                                m ->
                                        (m.onTheme() ? moves.onTheme : moves.beside)
                                                .putIfAbsent(game, m));
            }
            progress.accept((i + 1.0) / some.size());
        }
        moves.beside.keySet().removeAll(moves.onTheme.keySet());
        progress.accept(1);
        return moves;
    }

    /** One place of each game, then another of each: many games tell more than much of a few. */
    private static List<Example> inTurns(List<Example> found, Set<MoveTree> but) {
        Map<MoveTree, List<Example>> games =
                Example.byGame(
                        found.stream()
                                .filter(e -> !but.contains(e.game()))
                                .flatMap(e -> onMove(e).stream()));
        List<Example> turns = new ArrayList<>();
        for (int turn = 0; !games.isEmpty(); turn++) {
            int place = turn;
            games.values().removeIf(places -> places.size() <= place);
            games.values().forEach(places -> turns.add(places.get(place)));
        }
        return turns;
    }

    /**
     * Where the side has the move: there, or a move before if it is by this move that the theme
     * came about.
     */
    private static Optional<Example> onMove(Example example) {
        if (example.position().sideToMove() == example.side()) {
            return Optional.of(example);
        }
        return example.before().filter(before -> !before.isShown());
    }

    private Optional<AskedMove> of(Example example) {
        boolean maybe =
                brief.choice(example.position(), 2).filter(c -> c.gap() >= ONLY / 2).isPresent();
        if (!maybe) {
            return Optional.empty();
        }
        return evaluator
                .choice(example.position(), 2)
                .filter(c -> c.legal() > 2)
                .filter(c -> c.gap() >= ONLY)
                .filter(c -> c.result() != ResultClass.LOSS)
                .filter(c -> Obvious.why(c, example.lastMove()).isEmpty())
                .filter(c -> !isPlainTrade(c.position(), c.best()))
                .map(c -> new AskedMove(example, c, isOnTheme(example, c)));
    }

    /** Whether like is taken for like and nothing comes of it at once: right, and dull to find. */
    static boolean isPlainTrade(Position position, Weighed best) {
        List<Move> line = best.line();
        return best.move().isCapture()
                && LegalExchange.of(position.toBoard(), best.move().packed()) == 0
                && line.size() > 1
                && line.get(1).isCapture()
                && line.get(1).to() == best.move().to()
                && line.stream().skip(2).limit(1).noneMatch(Move::isCapture);
    }

    private static boolean isOnTheme(Example example, Choice choice) {
        if (!example.isShown()) {
            return example.isShownIn(example.position().play(choice.best().move()));
        }
        return example.evidence().isTouched(example.position(), choice.best().line(), TOUCHED);
    }

    /**
     * Takes those on the theme out that show it best, to be shown instead of asked: what is clearly
     * better then and was level before in men, the most that hangs on the move first.
     *
     * @param most how many at most
     * @param left so many stay at least
     */
    List<AskedMove> takeClearest(int most, int left) {
        List<AskedMove> clearest =
                onTheme.values().stream()
                        .filter(m -> m.choice().best().expected().value() >= CLEAR)
                        .filter(m -> m.from().isLevel())
                        .sorted(AskedMove.CLEAREST)
                        .limit(Math.max(0, Math.min(most, onTheme.size() - left)))
                        .toList();
        onTheme.values().removeAll(clearest);
        return clearest;
    }

    /** Leaves out those of games that are shown, which may give the answer away. */
    AskedMoves without(Set<MoveTree> shown) {
        onTheme.keySet().removeAll(shown);
        beside.keySet().removeAll(shown);
        return this;
    }

    /** Those on the theme, and others where these are too few to ask; the easiest first. */
    List<AskedMove> atLeast(int wanted) {
        List<AskedMove> some =
                new ArrayList<>(
                        onTheme.values().stream().sorted(AskedMove.CLEAREST).limit(KEPT).toList());
        beside.values().stream().limit(Math.max(0, wanted - onTheme.size())).forEach(some::add);
        some.sort(AskedMove.EASIEST);
        return some;
    }
}
