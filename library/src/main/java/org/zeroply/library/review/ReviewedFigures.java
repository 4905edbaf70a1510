package org.zeroply.library.review;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;

/** The figures of reviewed games, made once for each from what was searched. */
public final class ReviewedFigures {

    private final Library library;
    private final Engine engine;
    private final Map<Long, Map<Side, GameFigures>> known = new ConcurrentHashMap<>();

    /**
     * @param engine asked for what is not remembered any more
     */
    public ReviewedFigures(Library library, Engine engine) {
        this.library = library;
        this.engine = engine;
    }

    /**
     * The review of a game, from memory as far as it is there.
     *
     * @param nodes nodes for each search
     * @param engine asked for what is not remembered
     * @return nothing when cancelled, or where there is nothing to review
     */
    public static Optional<GameReview> review(
            Library library,
            long sheetId,
            MoveTree game,
            long nodes,
            Engine engine,
            Cancellation cancellation) {
        Engine remembering = new RememberingEngine(engine, library.analyses());
        return new FirstPass(remembering, nodes, library.games().without(sheetId))
                .review(game, Optional.empty(), p -> {}, cancellation);
    }

    /** The figures of a side in a game; nothing when cancelled. */
    public Optional<GameFigures> of(ReviewStore.Entry game, Side side, Cancellation cancellation) {
        Map<Side, GameFigures> both = known.get(game.sheetId());
        if (both == null) {
            MoveTree tree = library.sheets().load(game.sheetId());
            Optional<GameReview> review =
                    review(library, game.sheetId(), tree, game.nodes(), engine, cancellation);
            if (review.isEmpty()) {
                return Optional.empty();
            }
            both = new EnumMap<>(Side.class);
            for (Side s : Side.values()) {
                both.put(s, GameFigures.of(game.sheetId(), review.get(), s));
            }
            known.put(game.sheetId(), both);
        }
        return Optional.of(both.get(side));
    }

    /** The figures of a player in all reviewed games with a colour, as far as not cancelled. */
    public List<GameFigures> of(String player, Side side, Cancellation cancellation) {
        List<GameFigures> figures = new ArrayList<>();
        for (ReviewStore.Entry game : library.reviews().entries()) {
            boolean theirs =
                    player.equals(
                            side == Side.WHITE ? game.heading().white() : game.heading().black());
            if (theirs && game.state() == ReviewStore.State.DONE && !cancellation.isCancelled()) {
                of(game, side, cancellation).ifPresent(figures::add);
            }
        }
        return figures;
    }
}
