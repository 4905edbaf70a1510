package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.repertoire.GameComparison;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * Reviews the main line of a game on a fixed number of nodes a move, so that the review is always
 * the same. Each position is searched twice: for its best move ({@link PositionLooks}), and for all
 * moves at once, which gives the rank of the move played and the width. What a move is worth is
 * what the next position is worth to the other side.
 */
public final class FirstPass {

    /** Nodes for each of the two searches of a position unless chosen otherwise. */
    public static final long NODES = 200_000;

    /** The part that looking has in the work, for its progress. */
    private static final double LOOKED = 0.6;

    /** Moves told apart that are kept. */
    private static final int WAYS = 5;

    private final Engine engine;
    private final long nodes;
    private final KnownGames known;
    private final Optional<Repertoire> repertoire;

    /**
     * @param engine what calculates; one that remembers makes a second review cheap
     * @param nodes nodes for each search
     * @param known the games to leave
     */
    public FirstPass(Engine engine, long nodes, KnownGames known) {
        this(engine, nodes, known, Optional.empty());
    }

    private FirstPass(
            Engine engine, long nodes, KnownGames known, Optional<Repertoire> repertoire) {
        this.engine = engine;
        this.nodes = nodes;
        this.known = known;
        this.repertoire = repertoire;
    }

    /** The same, which also tells where its side leaves a repertoire. */
    public FirstPass with(Repertoire other) {
        return new FirstPass(engine, nodes, known, Optional.of(other));
    }

    /**
     * Reviews a game.
     *
     * @param only one side's moves alone, or both
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    public Optional<GameReview> review(
            MoveTree game,
            Optional<Side> only,
            DoubleConsumer progress,
            Cancellation cancellation) {
        try {
            MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
            return Optional.of(review(game, only, progress, evaluator));
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    private GameReview review(
            MoveTree game, Optional<Side> only, DoubleConsumer progress, MoveEvaluator evaluator) {
        List<Node> line = game.mainLine().stream().filter(n -> !n.isRoot()).toList();
        List<MoveReview> moves = new ArrayList<>();
        PositionLooks looks =
                PositionLooks.at(
                        line, evaluator, OpeningNames.shipped(), p -> progress.accept(LOOKED * p));
        for (int i = 0; i < line.size(); i++) {
            Node node = line.get(i);
            Side side = node.parent().orElseThrow().position().sideToMove();
            boolean wanted = only.isEmpty() || only.get() == side;
            if (wanted && !node.move().isNull() && looks.at(i).choice().isPresent()) {
                moves.add(review(node, looks.at(i), looks.at(i + 1), evaluator));
            }
            progress.accept(LOOKED + (1 - LOOKED) * (i + 1.0) / line.size());
        }
        List<PlayerReview> players = new ArrayList<>();
        for (Side side : Side.values()) {
            if (only.isEmpty() || only.get() == side) {
                players.add(PlayerReview.of(side, game.tag(side.word()), moves));
            }
        }
        Optional<Departure> departure = Departure.of(game, known);
        List<Moment> moments =
                new MomentFinder(evaluator)
                        .find(moves, game.result(), departures(game, departure, moves));
        return new GameReview(game, moves, moments, departure, players);
    }

    /** Where the game left the known games, and where our side left the repertoire. */
    private List<Moment> departures(
            MoveTree game, Optional<Departure> departure, List<MoveReview> moves) {
        List<Moment> moments = new ArrayList<>();
        departure.flatMap(d -> d.moment(moves)).ifPresent(moments::add);
        repertoire
                .flatMap(r -> GameComparison.of(r, game, Optional.empty()))
                .filter(c -> c.leftBy() == GameComparison.LeftBy.US)
                .flatMap(c -> Departure.fromRepertoire(c, moves))
                .ifPresent(moments::add);
        return moments;
    }

    private static MoveReview review(
            Node node, PositionLooks.Look now, PositionLooks.Look next, MoveEvaluator evaluator) {
        Position position = node.parent().orElseThrow().position();
        Weighed best = now.best();
        Choice all = evaluator.all(position).orElseThrow();
        boolean choice = best.move().equals(node.move());
        ExpectedScore played = next.expected().opponents();
        ExpectedScore after = choice ? now.expected().or(played) : played;
        ExpectedScore before = choice ? after : now.expected();
        Choice looked = now.choice().orElseThrow();
        BestPlay play =
                new BestPlay(
                        best.line(),
                        best.score(),
                        before,
                        all.moves().subList(0, Math.min(WAYS, all.moves().size())),
                        all.width(before),
                        looked.depthFound(),
                        looked.rival().map(Analysis.DepthBest::move));
        return new MoveReview(
                node,
                play,
                after,
                next.choice().map(c -> c.best().line()).orElse(List.of()),
                choice ? 1 : rank(all, node.move()));
    }

    private static int rank(Choice all, Move played) {
        for (int i = 0; i < all.moves().size(); i++) {
            if (all.moves().get(i).move().equals(played)) {
                return Math.max(2, i + 1);
            }
        }
        return all.moves().size() + 1;
    }
}
