package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class RanksTest {

    private static final int SIZE = 8192;
    private static final int MOST_AT_ONCE = 1700;

    private final Ranks ranks = new Ranks(SIZE);

    private IntStream values() {
        return IntStream.range(0, SIZE).map(ranks::at);
    }

    @Property(tries = 200)
    void nothing_is_left_of_what_was_learnt_once_all_is_cleared(
            @ForAll @Size(max = 40) List<@IntRange(max = SIZE - 1) Integer> touched) {
        touched.forEach(index -> ranks.adjust(index, MOST_AT_ONCE));
        assertThat(values().filter(v -> v != 0).count())
                .isEqualTo(touched.stream().distinct().count());
        ranks.clear();
        assertThat(values()).containsOnly(0);
    }

    @Property(tries = 200)
    void each_value_is_what_it_was_taught_alone(
            @ForAll @Size(max = 40) List<@IntRange(max = SIZE - 1) Integer> touched,
            @ForAll @IntRange(min = -MOST_AT_ONCE, max = MOST_AT_ONCE) int by) {
        ranks.clear();
        Map<Integer, Integer> times = new HashMap<>();
        touched.forEach(index -> ranks.adjust(index, by));
        touched.forEach(index -> times.merge(index, 1, Integer::sum));
        times.forEach(
                (index, count) -> {
                    int value = 0;
                    for (int i = 0; i < count; i++) {
                        value += by - value * Math.abs(by) / Ranks.MOST;
                    }
                    assertThat(ranks.at(index)).isEqualTo(value);
                });
    }

    @Test
    void the_first_and_the_last_value_of_each_block_are_cleared_too() {
        IntStream.range(0, SIZE)
                .filter(i -> i % 64 == 0 || i % 64 == 63)
                .forEach(i -> ranks.adjust(i, -1000));
        ranks.clear();
        assertThat(values()).containsOnly(0);
    }

    @Test
    void a_value_never_leaves_its_bounds() {
        for (int i = 0; i < 2000; i++) {
            ranks.adjust(64, MOST_AT_ONCE);
            ranks.adjust(SIZE - 1, -MOST_AT_ONCE);
        }
        assertThat(ranks.at(64)).isBetween(Ranks.MOST / 2, Ranks.MOST);
        assertThat(ranks.at(SIZE - 1)).isBetween(-Ranks.MOST, -Ranks.MOST / 2);
    }
}
