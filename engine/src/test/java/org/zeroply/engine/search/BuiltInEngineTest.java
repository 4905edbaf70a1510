package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;

class BuiltInEngineTest {

    /** The position after Rd8+ stood twice on the board. */
    private static final List<String> REPEATING =
            List.of("h3", "h6", "Rd8+", "Kh7", "Rd1", "Kg8", "Rd8+", "Kh7", "Rd1", "Kg8");

    private final BuiltInEngine engine = new BuiltInEngine(16);

    @ParameterizedTest(name = "{0}: mate in {1} by {2}")
    @CsvSource({
        "6k1/6p1/6Pp/8/8/8/1Q6/K7 w - - 0 1, 1, Qb8#",
        "kbK5/pp6/1P6/8/8/8/8/R7 w - - 0 1, 2, Ra6",
        "5r1k/6pp/8/6N1/2Q5/8/5PPP/6K1 w - - 0 1, 4, any",
        "6k1/3R1ppp/8/8/8/8/r4PPP/6K1 w - - 0 1, 1, Rd8#",
        "r5rk/5p1p/5R2/4B3/8/8/7P/7K w - - 0 1, 3, Ra6+",
    })
    void mates_are_found_in_full_and_end_in_mate(String fen, int moves, String first) {
        Position start = Position.fromFen(fen);
        Analysis.Candidate best =
                engine.analyse(AnalysisRequest.of(start, Limits.nodes(1_500_000)))
                        .best()
                        .orElseThrow();
        assertThat(best.score()).isEqualTo(new Score.Mate(moves));
        assertThat(first).isIn(San.write(start, best.move()), "any");
        assertThat(best.line()).hasSize(2 * moves - 1);
        Position end = start;
        for (Move move : best.line()) {
            end = end.play(move);
        }
        assertThat(end.isCheckmate()).isTrue();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "r3k3/8/8/3N4/8/8/4P3/4K3 w - - 0 1, Nc7+",
        "r1b2rk1/ppp2ppp/8/3qN3/8/8/PPP2PPP/R1BQR1K1 w - - 0 1, Qxd5",
        "4k3/ppp2ppp/8/4r3/8/2n5/PPPB1PPP/2KR4 w - - 0 1, Bxc3",
        "2r3k1/5ppp/8/1q6/8/3B4/5PPP/3Q2K1 w - - 0 1, Bxb5",
        "4k3/5ppp/8/1q1N4/4P3/8/5PPP/6K1 w - - 0 1, Nc7+",
        "6k1/5pp1/4p2p/8/2b1r3/8/5PPP/R1B2RK1 b - - 0 1, Bxf1",
    })
    void material_is_won(String fen, String expected) {
        Position start = Position.fromFen(fen);
        Analysis analysis = engine.analyse(AnalysisRequest.of(start, Limits.depth(8)));
        String played = San.write(start, analysis.best().orElseThrow().move());
        assertThat(played).isEqualTo(expected);
        assertThat(analysis.byDepth()).hasSize(8);
    }

    /** The side that is ahead by the count of men is not safe because of it. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "r2q1rk1/p4pp1/1p2N2p/2pp4/3P4/P2NPP2/1PPn2Pb/R2Q1R1K b - - 0 1, Qh4, 60000",
        "5B1k/5p2/4p1pp/8/3Pp1QP/2q1P1P1/5PK1/r7 w - - 0 1, Qf4, 8000",
    })
    void a_quiet_move_that_threatens_mate_is_found_whatever_it_offers(
            String fen, String expected, long nodes) {
        Position start = Position.fromFen(fen);
        Analysis analysis = engine.analyse(AnalysisRequest.of(start, Limits.nodes(nodes)));
        assertThat(San.write(start, analysis.best().orElseThrow().move())).isEqualTo(expected);
    }

    @Test
    void more_memory_than_there_is_is_not_taken() {
        BuiltInEngine engine = new BuiltInEngine(Integer.MAX_VALUE);
        long most = Runtime.getRuntime().maxMemory() >> 20;
        assertThat((long) engine.megabytes()).isPositive().isLessThanOrEqualTo(most / 4);
        assertThat(new BuiltInEngine(-5).megabytes()).isEqualTo(1);
    }

    @Test
    void the_same_request_gives_the_same_answer() {
        Position p =
                Position.fromFen(
                        "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9");
        AnalysisRequest request = AnalysisRequest.of(p, Limits.nodes(60_000)).withLines(3);
        engine.analyse(AnalysisRequest.of(Position.START, Limits.depth(6)));
        Analysis first = engine.analyse(request);
        Analysis second = new BuiltInEngine(16).analyse(request);
        assertThat(second.lines()).isEqualTo(first.lines());
        assertThat(second.byDepth()).isEqualTo(first.byDepth());
        assertThat(second.nodes()).isEqualTo(first.nodes()).isBetween(60_000L, 60_003L);
    }

    @Test
    void several_lines_are_different_moves_in_order() {
        List<Analysis.Candidate> lines =
                engine.analyse(AnalysisRequest.of(Position.START, Limits.depth(6)).withLines(5))
                        .lines();
        assertThat(lines).extracting(Analysis.Candidate::move).hasSize(5).doesNotHaveDuplicates();
        assertThat(lines)
                .extracting(Analysis.Candidate::score)
                .isSortedAccordingTo((a, b) -> b.compareTo(a));
        assertThat(lines).allMatch(c -> !Line.san(Position.START, c.line()).isEmpty());
    }

    /** Only where a line beside the first has found more does it come before it. */
    @ParameterizedTest
    @CsvSource({
        "r4rk1/pp2bppp/2n1bn2/q1pp4/8/2N1PN2/PPQ1BPPP/R1BR2K1 w - - 0 1, 3",
        "r1bq1rk1/pp2ppbp/2np1np1/8/3NP3/2N1BP2/PPPQ2PP/R3KB1R w KQ - 0 1, 3",
        "2rq1rk1/pb1nbppp/1p2pn2/2pp4/2PP4/1PN1PN2/PB2BPPP/2RQ1RK1 b - - 0 1, 5",
        "8/pp3pk1/2p3p1/3rP2p/1P3R1P/P1K3P1/8/8 w - - 0 1, 4",
        "7k/8/p3pN2/q2pP1p1/2p5/Pb2P3/1Q2K2P/8 w - - 0 1, 3",
        "r4rk1/5ppp/p1q1p3/1pb5/8/P1NQ2P1/1P3P1P/3R1RK1 b - - 0 1, 6"
    })
    void the_first_of_several_lines_is_what_is_found_on_one(String fen, int count) {
        Position p = Position.fromFen(fen);
        for (int depth = 4; depth <= 10; depth++) {
            AnalysisRequest request = AnalysisRequest.of(p, Limits.depth(depth));
            Analysis.Candidate one = engine.analyse(request).best().orElseThrow();
            List<Analysis.Candidate> several = engine.analyse(request.withLines(count)).lines();
            Analysis.Candidate first = several.get(0);
            if (first.move().equals(one.move())) {
                assertThat(first.score()).as("depth %d", depth).isEqualTo(one.score());
            } else {
                assertThat(first.score()).as("depth %d", depth).isGreaterThan(one.score());
                assertThat(several)
                        .filteredOn(c -> c.move().equals(one.move()))
                        .extracting(Analysis.Candidate::score)
                        .containsExactly(one.score());
            }
        }
    }

    @Test
    void only_the_given_moves_are_considered() throws NotationException {
        Move a3 = San.read(Position.START, "a3");
        AnalysisRequest request =
                AnalysisRequest.of(Position.START, Limits.depth(5)).among(List.of(a3));
        assertThat(engine.analyse(request).lines())
                .singleElement()
                .extracting(Analysis.Candidate::move)
                .isEqualTo(a3);
    }

    @Test
    void there_is_a_move_however_tight_the_limit() {
        AnalysisRequest request = AnalysisRequest.of(Position.START, Limits.nodes(1)).withLines(4);
        assertThat(engine.analyse(request).lines()).isNotEmpty();
    }

    @Test
    void a_position_without_moves_has_no_lines() {
        Position mated = Position.fromFen("6Qk/5K2/8/8/8/8/8/8 b - - 0 1");
        assertThat(engine.analyse(AnalysisRequest.of(mated, Limits.depth(5))).lines()).isEmpty();
    }

    @Test
    void a_third_repetition_with_the_game_before_it_is_seen_as_a_draw() throws NotationException {
        Position rooks = Position.fromFen("6k1/5ppp/8/8/8/8/r4PPP/3R2K1 w - - 0 1");
        List<Move> shuffled = new ArrayList<>();
        Position p = rooks;
        for (String san : REPEATING) {
            Move move = San.read(p, san);
            shuffled.add(move);
            p = p.play(move);
        }
        AnalysisRequest request =
                new AnalysisRequest(rooks, shuffled, Limits.depth(4), 40, List.of(), 1);
        Move check = San.read(p, "Rd8+");
        assertThat(engine.analyse(request).lines())
                .filteredOn(c -> c.move().equals(check))
                .singleElement()
                .extracting(Analysis.Candidate::score)
                .isEqualTo(new Score.Centipawns(0));
    }

    @Test
    void cancelled_work_stops_and_still_gives_what_was_found() {
        Cancellation cancellation = new Cancellation();
        AtomicInteger depths = new AtomicInteger();
        Analysis analysis =
                engine.analyse(
                        AnalysisRequest.of(Position.START, Limits.NONE).withThreads(2),
                        soFar -> {
                            if (depths.incrementAndGet() == 5) {
                                cancellation.cancel();
                            }
                        },
                        cancellation);
        assertThat(depths).hasValue(5);
        assertThat(analysis.depth()).isEqualTo(5);
        assertThat(analysis.lines()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void several_threads_agree_with_one_on_what_is_clear(int threads) {
        Position p = Position.fromFen("4k3/5ppp/8/1q1N4/4P3/8/5PPP/6K1 w - - 0 1");
        AnalysisRequest request = AnalysisRequest.of(p, Limits.depth(11)).withLines(2);
        Analysis alone = engine.analyse(request);
        Analysis together = engine.analyse(request.withThreads(threads));
        assertThat(together.best().orElseThrow().move())
                .isEqualTo(alone.best().orElseThrow().move());
        assertThat(together.depth()).isEqualTo(11);
        assertThat(together.byDepth()).hasSize(11);
        assertThat(together.lines())
                .extracting(Analysis.Candidate::move)
                .hasSize(2)
                .doesNotHaveDuplicates();
        assertThat(together.lines()).allMatch(c -> Line.san(p, c.line()).size() >= 1);
    }

    @Test
    void searching_longer_takes_no_more_memory() {
        Position p =
                Position.fromFen(
                        "r2q1rk1/1b1nbppp/p2ppn2/1p6/3NPP2/1BN1B3/PPP3PP/R2Q1RK1 w - - 0 12");
        AnalysisRequest large = AnalysisRequest.of(p, Limits.nodes(400_000));
        engine.analyse(large);
        long brief = allocated(AnalysisRequest.of(p, Limits.nodes(40_000)));
        // What more is allocated are the results told at each depth.
        assertThat(allocated(large) - brief).isLessThan(100_000);
    }

    /** Bytes that this thread allocates for an analysis. */
    private long allocated(AnalysisRequest request) {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getThreadAllocatedBytes(Thread.currentThread().getId());
        engine.analyse(request);
        return threads.getThreadAllocatedBytes(Thread.currentThread().getId()) - before;
    }
}
