package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.pattern.Situation;

/** A kind of fact asked for alone, on the positions checked by hand. */
class GlanceTest {

    static Stream<FactRows.Row> rows() {
        return FactRows.all().stream();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void a_kind_asked_for_alone_is_told_as_among_all(FactRows.Row row) {
        List<Fact> all = Insight.of(row.position());
        Scene scene = new Scene(row.position());
        for (FactKind kind : FactKind.values()) {
            assertThat(Insight.of(scene, kind))
                    .as(kind.word())
                    .containsExactlyInAnyOrderElementsOf(
                            all.stream().filter(f -> f.kind() == kind).toList());
        }
    }

    @ParameterizedTest
    @MethodSource("rows")
    void every_fact_told_can_be_asked_for_by_its_quality_and_square(FactRows.Row row) {
        for (Fact fact : Insight.of(row.position())) {
            String whose = fact.side().map(s -> s.word() + " ").orElse("");
            String told = whose + fact.kind().words();
            assertThat(holds(told, row.position())).as(told).isTrue();
            for (String trait : fact.traits()) {
                String asked = whose + fact.kind().word() + " " + trait;
                assertThat(holds(asked, row.position())).as(asked).isTrue();
                if (!fact.squares().isEmpty()) {
                    String there = asked + " on " + Square.name(fact.squares().get(0));
                    assertThat(holds(there, row.position())).as(there).isTrue();
                }
            }
        }
    }

    private static boolean holds(String asked, Position position) {
        return ConditionReader.all(asked.toLowerCase(Locale.ROOT))
                .get(0)
                .holds(Situation.of(position));
    }

    @Test
    void every_kind_has_one_finder() {
        Set<FactKind> seen = new HashSet<>();
        for (Glance glance : Glance.ALL) {
            assertThat(glance.kinds()).noneMatch(seen::contains);
            seen.addAll(glance.kinds());
        }
        assertThat(Insight.kinds()).isEqualTo(seen).doesNotContain(FactKind.FROZEN);
    }
}
