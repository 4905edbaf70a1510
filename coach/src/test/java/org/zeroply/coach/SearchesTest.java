package org.zeroply.coach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

/** The engine still answers as it is written down, and what is written down can be told from it. */
class SearchesTest {

    private static final String MIDDLEGAME =
            "r1bq1rk1/pp2bppp/2n1pn2/2pp4/3P1B2/2PBPN2/PP1N1PPP/R2QK2R w KQ - 0 9";

    /** Of so many questions about all moves with a small table one is asked again. */
    private static final int EVERY = 150;

    static Stream<Map.Entry<String, String>> some() {
        return KeptSearches.some("", EVERY);
    }

    @ParameterizedTest
    @MethodSource("some")
    void the_engine_still_answers_so(Map.Entry<String, String> entry) {
        KeptSearches.assertStillAnsweredSo(entry);
    }

    @Test
    void who_listens_is_told_the_same_again_wherever_the_search_is_ended() {
        AnalysisRequest request =
                AnalysisRequest.of(Position.fromFen(MIDDLEGAME), Limits.nodes(4_003)).withLines(2);
        // Ended early, later, not at all, and the other way round.
        for (int most : new int[] {3, 5, 99, 5, 3}) {
            for (int times = 0; times < 2; times++) {
                Ending shared = new Ending(most);
                Analysis answer = new SharedEngine(1).analyse(request, shared, shared.cancellation);
                Ending real = new Ending(most);
                Analysis expected = new BuiltInEngine(1).analyse(request, real, real.cancellation);
                assertThat(answer)
                        .usingRecursiveComparison()
                        .ignoringFields("millis")
                        .isEqualTo(expected);
                assertThat(shared.nodes).isEqualTo(real.nodes);
            }
        }
    }

    /** Ends a search after so much was told. */
    private static final class Ending implements AnalysisListener {
        private final Cancellation cancellation = new Cancellation();
        private final List<Long> nodes = new ArrayList<>();
        private final int most;

        Ending(int most) {
            this.most = most;
        }

        @Override
        public void found(Analysis soFar) {
            nodes.add(soFar.nodes());
            if (nodes.size() == most) {
                cancellation.cancel();
            }
        }
    }
}
