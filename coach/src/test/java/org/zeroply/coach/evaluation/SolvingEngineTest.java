package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

class SolvingEngineTest {

    private static final Position HELD = Position.fromFen("8/8/8/4k3/8/4K3/4P3/8 w - - 0 1");

    private final BuiltInEngine inner = new BuiltInEngine(1);
    private final SolvingEngine engine = new SolvingEngine(inner, Endings.NONE);

    private static AnalysisRequest request(Position position, long nodes) {
        return AnalysisRequest.of(position, Limits.nodes(nodes));
    }

    @Test
    void a_pawn_ending_is_answered_by_its_solution() throws Exception {
        List<Analysis> heard = new ArrayList<>();
        Analysis all =
                engine.analyse(request(HELD, 10_000).withLines(9), heard::add, new Cancellation());
        assertThat(all.lines())
                .hasSameSizeAs(HELD.legalMoves())
                .allSatisfy(c -> assertThat(c.expected()).isEqualTo(ExpectedScore.DRAW));
        assertThat(heard).containsExactly(all);
        Move one = San.read(HELD, "Kd3");
        assertThat(engine.analyse(request(HELD, 10_000).among(List.of(one))).lines())
                .extracting(Analysis.Candidate::move)
                .containsExactly(one);
        assertThat(engine.analyse(request(HELD, 10_000)).lines()).hasSize(1);
    }

    @Test
    void all_else_and_brief_looks_are_left_to_the_engine() {
        assertThat(engine.name()).isEqualTo(inner.name());
        for (AnalysisRequest asked :
                List.of(request(Position.START, 6_000), request(HELD, 1_000))) {
            assertThat(engine.analyse(asked).lines()).isEqualTo(inner.analyse(asked).lines());
        }
    }
}
