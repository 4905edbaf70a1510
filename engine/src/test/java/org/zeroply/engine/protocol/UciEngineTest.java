package org.zeroply.engine.protocol;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.search.BuiltInEngine;

/** The client against our own engine in another process, and against one that misbehaves. */
@Tag("slow")
class UciEngineTest {

    private static final UciEngine.Patience SHORT = new UciEngine.Patience(30_000, 1_500);

    private static UciEngine engine(String manner) {
        return new UciEngine(StandIn.command(manner), Map.of("Hash", "8"), SHORT);
    }

    @Test
    void our_engine_in_another_process_says_what_it_says_in_this_one() {
        Position p =
                Position.fromFen(
                        "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9");
        AnalysisRequest request = AnalysisRequest.of(p, Limits.depth(7)).withLines(3);
        Analysis here = new BuiltInEngine(8).analyse(request);
        try (UciEngine engine = engine("ours")) {
            Analysis there = engine.analyse(request);
            assertThat(there.lines())
                    .extracting(Analysis.Candidate::move, Analysis.Candidate::score)
                    .containsExactlyElementsOf(
                            here.lines().stream()
                                    .map(
                                            c ->
                                                    org.assertj.core.groups.Tuple.tuple(
                                                            c.move(), c.score()))
                                    .toList());
            assertThat(there.depth()).isEqualTo(7);
            assertThat(engine.name()).isEqualTo(BuiltInEngine.NAME);
        }
    }

    @Test
    void a_search_without_end_stops_when_cancelled_and_keeps_what_was_found() {
        Cancellation cancellation = new Cancellation();
        try (UciEngine engine = engine("ours")) {
            AnalysisRequest request = AnalysisRequest.of(Position.START, Limits.NONE);
            Analysis analysis =
                    engine.analyse(
                            request,
                            a -> {
                                if (a.depth() >= 4) {
                                    cancellation.cancel();
                                }
                            },
                            cancellation);
            assertThat(analysis.best()).isPresent();
        }
    }

    @Test
    void mate_and_chosen_moves_go_through() {
        Position p = Position.fromFen("6k1/3R1ppp/8/8/8/8/r4PPP/6K1 w - - 0 1");
        Move slow =
                p.legalMoves().stream()
                        .filter(m -> m.coordinates().equals("h2h3"))
                        .findFirst()
                        .orElseThrow();
        try (UciEngine engine = engine("ours")) {
            assertThat(
                            engine.analyse(AnalysisRequest.of(p, Limits.depth(4)))
                                    .best()
                                    .orElseThrow()
                                    .score())
                    .isEqualTo(new Score.Mate(1));
            assertThat(
                            engine.analyse(
                                            AnalysisRequest.of(p, Limits.depth(4))
                                                    .among(List.of(slow)))
                                    .best()
                                    .orElseThrow()
                                    .move())
                    .isEqualTo(slow);
        }
    }

    @Test
    void only_legal_moves_are_believed() {
        try (UciEngine engine = engine("talkative")) {
            Analysis analysis = engine.analyse(AnalysisRequest.of(Position.START, Limits.depth(3)));
            Analysis.Candidate best = analysis.best().orElseThrow();
            assertThat(best.line()).extracting(Move::coordinates).containsExactly("e2e4", "e7e5");
            assertThat(best.score()).isEqualTo(new Score.Centipawns(31));
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "exit, ended with exit code 7",
        "hang, did not name a move in time",
        "garbage, a move that is not legal",
    })
    void misbehaviour_is_reported_and_the_next_analysis_starts_the_program_anew(
            String manner, String complaint) {
        try (UciEngine engine = engine(manner)) {
            AnalysisRequest request = AnalysisRequest.of(Position.START, Limits.millis(200));
            for (int i = 0; i < 2; i++) {
                assertThatThrownBy(() -> engine.analyse(request))
                        .isInstanceOf(EngineFailure.class)
                        .hasMessageContaining(complaint);
            }
        }
    }

    @Test
    void a_line_without_end_is_cut_and_the_next_one_read() {
        try (UciEngine engine = engine("endless")) {
            Analysis analysis = engine.analyse(AnalysisRequest.of(Position.START, Limits.depth(3)));
            assertThat(analysis.best().orElseThrow().move().coordinates()).isEqualTo("e2e4");
        }
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void what_a_starting_script_has_started_ends_with_it() throws Exception {
        String script = String.join(" ", StandIn.command("hang")) + "; true";
        UciEngine engine = new UciEngine(List.of("sh", "-c", script), Map.of(), SHORT);
        engine.start();
        List<ProcessHandle> started =
                ProcessHandle.current()
                        .descendants()
                        .filter(p -> p.info().commandLine().orElse("").contains("StandIn"))
                        .toList();
        assertThat(started).hasSizeGreaterThanOrEqualTo(2);
        engine.close();
        for (ProcessHandle process : started) {
            assertThat(process.onExit().get(10, TimeUnit.SECONDS).isAlive()).isFalse();
        }
    }

    @Test
    void what_is_no_program_is_reported() {
        UciEngine engine = new UciEngine(List.of("/nowhere/at/all"), Map.of(), SHORT);
        assertThatThrownBy(engine::start)
                .isInstanceOf(EngineFailure.class)
                .hasMessageContaining("/nowhere/at/all could not be started");
    }
}
