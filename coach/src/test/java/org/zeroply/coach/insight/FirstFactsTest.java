package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.fact.Fact;
import org.zeroply.engine.analysis.Cancellation;

/** What a coach would say is among the first facts told, whatever else is true as well. */
@Tag("slow")
class FirstFactsTest {

    static Stream<FactRows.Row> rows() {
        return FactRows.sentences().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void what_a_coach_would_say_is_among_the_first_three_facts(FactRows.Row row) {
        List<Fact> facts = new ArrayList<>(Insight.of(row.position()));
        new SearchedInsight(new SharedEngine(1), SearchedInsight.NODES)
                .search(
                        row.position(),
                        FactSink.into(facts),
                        (part, doing) -> {},
                        new Cancellation());
        List<Fact> first = facts.stream().sorted(Fact.HEAVIEST_FIRST).limit(3).toList();
        for (FactRows.Expectation expected : row.expectations()) {
            assertThat(first)
                    .as("%s in %s", expected, first.stream().map(Fact::sentence).toList())
                    .anyMatch(expected::fits);
        }
    }
}
