package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

class RememberingEngineTest {

    private static final long NODES = 3_000;
    private static final MoveTree GAME =
            ((PgnEntry.Game)
                            PgnReader.readAll(
                                            "1. e4 e5 2. Nf3 Nc6 3. Bc4 Nf6 4. Ng5 h6 5. Nxf7 Qe7 6."
                                                    + " Nxh8 d6 *")
                                    .get(0))
                    .tree();

    private final Map<AnalysisMemory.Key, Analysis> kept = new HashMap<>();
    private final AnalysisMemory memory =
            new AnalysisMemory() {
                @Override
                public Optional<Analysis> find(Key key) {
                    return Optional.ofNullable(kept.get(key));
                }

                @Override
                public void keep(Key key, Analysis analysis) {
                    kept.put(key, analysis);
                }
            };

    /** Counts what is really searched, and cancels after so many searches. */
    private static final class Counting implements Engine {
        private final Engine engine = new BuiltInEngine(1);
        private final int most;
        private int searches;

        Counting(int most) {
            this.most = most;
        }

        @Override
        public String name() {
            return engine.name();
        }

        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            if (++searches > most) {
                cancellation.cancel();
            }
            return engine.analyse(request, listener, cancellation);
        }

        @Override
        public void forget() {
            engine.forget();
        }
    }

    private static Optional<GameReview> review(Engine engine) {
        return new FirstPass(engine, NODES, KnownGames.NONE)
                .review(GAME, Optional.empty(), p -> {}, new Cancellation());
    }

    @Test
    void a_review_broken_off_goes_on_where_it_was_and_ends_as_if_it_had_not_been() {
        Counting whole = new Counting(Integer.MAX_VALUE);
        GameReview straight = review(whole).orElseThrow();
        Counting broken = new Counting(whole.searches / 2);
        assertThat(review(new RememberingEngine(broken, memory))).isEmpty();
        Counting rest = new Counting(Integer.MAX_VALUE);
        GameReview resumed = review(new RememberingEngine(rest, memory)).orElseThrow();
        assertThat(resumed.moves()).usingRecursiveComparison().isEqualTo(straight.moves());
        assertThat(resumed.moments()).usingRecursiveComparison().isEqualTo(straight.moments());
        assertThat(rest.searches).isLessThanOrEqualTo(whole.searches - whole.searches / 2);
        Counting none = new Counting(Integer.MAX_VALUE);
        review(new RememberingEngine(none, memory));
        assertThat(none.searches).isZero();
    }

    @Test
    void what_may_differ_from_time_to_time_is_always_asked_anew() {
        Counting engine = new Counting(Integer.MAX_VALUE);
        RememberingEngine remembering = new RememberingEngine(engine, memory);
        List<AnalysisRequest> requests =
                List.of(
                        AnalysisRequest.of(Position.START, Limits.depth(2)),
                        AnalysisRequest.of(Position.START, Limits.nodes(500))
                                .among(List.of(Position.START.legalMoves().get(0))));
        for (AnalysisRequest request : requests) {
            remembering.analyse(request, a -> {}, new Cancellation());
            remembering.analyse(request, a -> {}, new Cancellation());
        }
        assertThat(engine.searches).isEqualTo(4);
        assertThat(kept).isEmpty();
    }
}
