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
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;
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

    private final Map<AnalysisMemory.Key, Remembered> kept = new HashMap<>();
    private final AnalysisMemory memory =
            new AnalysisMemory() {
                @Override
                public Optional<Remembered> find(Key key) {
                    return Optional.ofNullable(kept.get(key));
                }

                @Override
                public void keep(Key key, Remembered analysis) {
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

    /** Quiet and sharp ones, with one move that decides and with many that do. */
    private static final List<String> POSITIONS =
            List.of(
                    "r1bqkbnr/pppp1ppp/2n5/4p3/2B1P3/5N2/PPPP1PPP/RNBQK2R b KQkq - 3 3",
                    "r2q1rk1/ppp2ppp/2n1bn2/2bpp3/4P3/2PP1N2/PPBN1PPP/R1BQ1RK1 w - - 0 9",
                    "6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w - - 0 1",
                    "8/2p5/3p4/KP5r/1R3p1k/8/4P1P1/8 w - - 0 1",
                    "4rrk1/pp1n3p/3q2pQ/2p1pb2/2PP4/2P3N1/P2B2PP/4RRK1 b - - 7 19");

    @Test
    void what_is_remembered_is_believed_as_much_as_what_was_just_found() {
        Counting engine = new Counting(Integer.MAX_VALUE);
        for (long nodes : new long[] {200, 3_000, 20_000}) {
            for (String fen : POSITIONS) {
                Choice first = choice(new RememberingEngine(engine, memory), fen, nodes);
                int searches = engine.searches;
                Choice again = choice(new RememberingEngine(engine, memory), fen, nodes);
                assertThat(again).as(fen + " " + nodes).usingRecursiveComparison().isEqualTo(first);
                assertThat(engine.searches).isEqualTo(searches);
            }
        }
    }

    private static Choice choice(Engine engine, String fen, long nodes) {
        return new MoveEvaluator(engine, Endings.NONE, nodes, new Cancellation())
                .choice(Position.fromFen(fen), 3)
                .orElseThrow();
    }
}
