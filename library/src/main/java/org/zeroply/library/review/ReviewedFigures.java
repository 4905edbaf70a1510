package org.zeroply.library.review;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;

/** The figures of reviewed games, made once for each from what was searched. */
public final class ReviewedFigures {

    private final Library library;
    private final Engine engine;
    private final Map<Long, Map<Side, GameFigures>> known = new ConcurrentHashMap<>();
    private final Map<Long, String> engines = new ConcurrentHashMap<>();

    /**
     * @param engine asked for what is not remembered any more
     */
    public ReviewedFigures(Library library, Engine engine) {
        this.library = library;
        this.engine = engine;
    }

    /** The figures of a side in a game; nothing when cancelled. */
    public Optional<GameFigures> of(ReviewStore.Entry game, Side side, Cancellation cancellation) {
        Map<Side, GameFigures> both = known.get(game.sheetId());
        if (both == null) {
            MoveTree tree = library.sheets().load(game.sheetId());
            Optional<Reviewed> made =
                    Reviewed.read(
                            library,
                            game.sheetId(),
                            tree,
                            game.nodes(),
                            engine,
                            part -> {},
                            cancellation);
            if (made.isEmpty()) {
                return Optional.empty();
            }
            both = new EnumMap<>(Side.class);
            for (Side s : Side.values()) {
                both.put(s, GameFigures.of(game.sheetId(), made.get().review(), s));
            }
            engines.put(game.sheetId(), made.get().engine());
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

    /** The names of the engines that reviewed games whose figures were asked for. */
    public List<String> engines(List<ReviewStore.Entry> games) {
        return games.stream()
                .map(g -> engines.get(g.sheetId()))
                .filter(Objects::nonNull)
                .distinct()
                .sorted()
                .toList();
    }
}
