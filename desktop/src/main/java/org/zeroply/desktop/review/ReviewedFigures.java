package org.zeroply.desktop.review;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.review.ReviewStore;

/** The figures of reviewed games, made once for each from what was searched. */
public final class ReviewedFigures {

    private final Services services;
    private final Map<Long, Map<Side, GameFigures>> known = new ConcurrentHashMap<>();

    public ReviewedFigures(Services services) {
        this.services = services;
    }

    /** The figures of a side in a game; nothing when cancelled. */
    public Optional<GameFigures> of(ReviewStore.Entry game, Side side, Cancellation cancellation) {
        Map<Side, GameFigures> both = known.get(game.sheetId());
        if (both == null) {
            MoveTree tree = services.library().sheets().load(game.sheetId());
            Optional<GameReview> review =
                    services.reviews()
                            .review(
                                    game.sheetId(),
                                    tree,
                                    game.nodes(),
                                    services.marking(),
                                    cancellation);
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
        for (ReviewStore.Entry game : services.library().reviews().entries()) {
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
