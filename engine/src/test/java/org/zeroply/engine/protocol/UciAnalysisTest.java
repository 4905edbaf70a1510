package org.zeroply.engine.protocol;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;

/** What another program may say, and worse. */
class UciAnalysisTest {

    private static final List<String> WORDS =
            List.of(
                    "depth",
                    "score",
                    "cp",
                    "mate",
                    "nodes",
                    "multipv",
                    "pv",
                    "nps",
                    "lowerbound",
                    "string",
                    "e2e4",
                    "e7e5",
                    "e2e5",
                    "a7a8q",
                    "-3",
                    "7",
                    "0",
                    "",
                    "\u0000",
                    "xyz",
                    "99999999999999999999",
                    "-2147483648",
                    "4294967301",
                    "200000",
                    "seldepth",
                    "hashfull",
                    "info",
                    "bestmove");

    @Provide
    Arbitrary<List<String>> lines() {
        return Arbitraries.of(WORDS)
                .list()
                .ofMaxSize(14)
                .map(words -> "info " + String.join(" ", words))
                .list()
                .ofMaxSize(6);
    }

    @Property(tries = 2_000)
    void whatever_is_said_only_legal_lines_are_taken(@ForAll("lines") List<String> lines) {
        UciAnalysis analysis =
                new UciAnalysis(
                        AnalysisRequest.of(Position.START, Limits.depth(3)).withLines(3), a -> {});
        analysis.info("info depth 1 score cp 3 pv d2d4");
        lines.forEach(analysis::info);
        analysis.finish("bestmove d2d4");
        assertThat(analysis.result().lines())
                .isNotEmpty()
                .allSatisfy(
                        c -> {
                            assertThat(Position.START.isLegal(c.move())).isTrue();
                            assertThat(c.depth()).isBetween(0, 1_000);
                            assertThat(c.score().negated().negated()).isEqualTo(c.score());
                        });
        assertThat(analysis.result().nodes()).isNotNegative();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "cp 34, 34",
        "cp 4294967301, 90000",
        "cp -2147483648, -90000",
        "mate 3, 99997",
        "mate -2, -99998",
        "mate 200000, none",
        "mate 4294967297, none",
        "cp 99999999999999999999, none",
    })
    void a_score_that_cannot_be_is_not_turned_into_another(String said, String ordinal) {
        UciAnalysis analysis =
                new UciAnalysis(AnalysisRequest.of(Position.START, Limits.depth(3)), a -> {});
        analysis.info("info depth 9 score " + said + " pv e2e4");
        assertThat(analysis.result().lines())
                .extracting(c -> String.valueOf(c.score().ordinal()))
                .isEqualTo(ordinal.equals("none") ? List.of() : List.of(ordinal));
    }
}
