package org.zeroply.coach.exercise.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.exercise.scheme.Exercise;

class SelfMarkingTest {

    /** Items in their order: 5 for the key, 3 with the verdict, then 2 and 4 of one group. */
    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpMaxPoints "%s"]
            [FEN "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1"]

            1. Qb8# {[%%zp.pts 5] [%%zp.pts 3 verdict]} (1. Qxa2 {[%%zp.pts 2 group=b]})
            (1. Qb2 {[%%zp.pts 4 group=b]}) (1. Qd3 {[%%zp.pts 4 group=b]}) *
            """;

    private static MarkedSheet mark(int max, String ticked, boolean verdict) {
        Set<Integer> items =
                ticked.isEmpty()
                        ? Set.of()
                        : Arrays.stream(ticked.split(" "))
                                .map(Integer::parseInt)
                                .collect(Collectors.toSet());
        return SelfMarking.mark(
                Exercise.of(TestGames.game(EXERCISE.formatted(max))), items, verdict);
    }

    @ParameterizedTest(name = "ticked {0}: {1}")
    @CsvSource({
        "'', 0",
        "0, 5",
        "0 1, 8",
        "2, 2",
        // Of a group the best alone counts, and of two as good the first.
        "2 3, 4",
        "3 4, 4",
        "2 3 4, 4",
        "0 1 2 3 4, 12",
        // What the scheme does not have is left out.
        "0 9 -1, 5",
    })
    void what_is_ticked_earns_its_points_a_group_its_best(String ticked, int points) {
        assertThat(mark(20, ticked, true).points()).isEqualTo(points);
    }

    @Test
    void nobody_earns_more_than_there_is() {
        MarkedSheet sheet = mark(10, "0 1 3", true);
        assertThat(sheet.points()).isEqualTo(10);
        assertThat(sheet.max()).isEqualTo(10);
    }

    @Test
    void each_item_tells_why_it_counts_or_does_not() {
        MarkedSheet sheet = mark(20, "0 2 3", false);
        assertThat(sheet.items())
                .extracting(MarkedSheet.ItemMark::why)
                .containsExactly(
                        "ticked",
                        "not ticked",
                        "ticked; of its group only the best counts",
                        "ticked",
                        "not ticked");
        assertThat(sheet.verdictRight()).isFalse();
        assertThat(sheet.rows()).isEmpty();
    }
}
