package org.zeroply.library.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.WatchedEngine;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.StoreTest;

/** The figures of reviewed games come from memory; nothing is searched twice. */
class ReviewedFiguresTest extends StoreTest {

    private static final long NODES = 300;

    private static final String GAME =
            "[White \"Ann\"]\n[Black \"Bo\"]\n[Result \"1-0\"]\n\n1. e4 e5 2. Qh5 Ke7 3. Qxe5# 1-0\n";

    private final Engine engine = new BuiltInEngine(4);
    private int asked;
    private long id;

    /** Counts what is asked of the engine. */
    private Engine counting() {
        return new WatchedEngine(engine, (request, cancellation) -> asked++);
    }

    @BeforeEach
    void review() {
        id = add(GAME);
        library.reviews().queue(List.of(id), NODES);
        MoveTree game = library.sheets().load(id);
        Reviewed made =
                Reviewed.read(library, id, game, NODES, engine, p -> {}, new Cancellation())
                        .orElseThrow();
        library.reviews().done(id, NODES, made.review());
    }

    @Test
    void the_figures_of_both_sides_are_told_and_nothing_is_searched_again() {
        ReviewedFigures figures = new ReviewedFigures(library, counting());
        List<GameFigures> white = figures.of("Ann", Side.WHITE, new Cancellation());
        List<GameFigures> black = figures.of("Bo", Side.BLACK, new Cancellation());
        assertThat(white)
                .singleElement()
                .satisfies(f -> assertThat(f.played().side()).isEqualTo(Side.WHITE));
        assertThat(black.get(0).played().score()).hasValue(0.0);
        assertThat(white.get(0).played().score()).hasValue(1.0);
        assertThat(asked).isZero();
        assertThat(figures.engines(library.reviews().entries())).containsExactly(engine.name());
        assertThat(figures.of("Ann", Side.BLACK, new Cancellation())).isEmpty();
        assertThat(figures.of("Cy", Side.WHITE, new Cancellation())).isEmpty();
    }

    @Test
    void a_game_that_only_waits_has_no_figures() {
        long other = add(GAME.replace("Ann", "Di"));
        library.reviews().queue(List.of(other), NODES);
        ReviewedFigures figures = new ReviewedFigures(library, counting());
        assertThat(figures.of("Di", Side.WHITE, new Cancellation())).isEmpty();
        assertThat(asked).isZero();
    }

    @Test
    void what_is_cancelled_tells_nothing_and_can_be_asked_again() {
        ReviewedFigures figures = new ReviewedFigures(library, counting());
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThat(figures.of("Ann", Side.WHITE, cancelled)).isEmpty();
        assertThat(figures.of("Ann", Side.WHITE, new Cancellation())).hasSize(1);
        Optional<Reviewed> none =
                Reviewed.read(
                        library,
                        id,
                        library.sheets().load(id),
                        NODES + 1,
                        engine,
                        p -> {},
                        cancelled);
        assertThat(none).isEmpty();
    }
}
