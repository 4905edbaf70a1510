package org.zeroply.coach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

/** Whether the engine still answers as it is kept beside the tests of this module or another. */
public final class KeptSearches {

    private KeptSearches() {}

    /**
     * One of so many questions about all moves, without exact endings, that are not long.
     *
     * @param name of whose questions they are ({@link SharedEngine#with}); may be empty
     */
    public static Stream<Map.Entry<String, String>> some(String name, int every) {
        List<Map.Entry<String, String>> plain =
                Searches.read().entrySet().stream()
                        .filter(e -> e.getKey().matches("\\d+" + name + " 60:\\d{1,5} \\d+ - - .*"))
                        .filter(e -> e.getValue().startsWith("whole"))
                        .toList();
        return Stream.iterate(0, i -> i < plain.size(), i -> i + every).map(plain::get);
    }

    /** Asks again. */
    public static void assertStillAnsweredSo(Map.Entry<String, String> kept) {
        String[] question = kept.getKey().split(" ", 6);
        Position position = Position.fromFen(question[5]);
        AnalysisRequest request =
                AnalysisRequest.of(position, Limits.nodes(Long.parseLong(question[1].substring(3))))
                        .withLines(Integer.parseInt(question[2]));
        List<Analysis> told = new ArrayList<>();
        Analysis answer =
                new BuiltInEngine(Integer.parseInt(question[0].replaceAll("\\D", "")))
                        .analyse(request, told::add, new Cancellation());
        Search known = Search.parse(kept.getValue(), ExpectedScoreCurve.at(position));
        assertThat(known)
                .as("Searches are to be written anew: see docs/testing.md.")
                .usingRecursiveComparison()
                .ignoringFields("answer.millis")
                .isEqualTo(new Search(true, told, answer));
    }
}
