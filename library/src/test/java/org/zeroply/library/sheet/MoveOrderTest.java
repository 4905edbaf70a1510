package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class MoveOrderTest {

    @Property(tries = 500)
    void the_move_at_each_place_is_that_of_the_sorted_ones(
            @ForAll @Size(min = 1, max = 60) Set<@IntRange(max = 0xffff) Integer> moves) {
        int[] packed = moves.stream().mapToInt(m -> m).toArray();
        int[] sorted = packed.clone();
        Arrays.sort(sorted);
        MoveOrder order = new MoveOrder();
        for (int place = 0; place < packed.length; place++) {
            assertThat(order.at(packed, packed.length, place)).isEqualTo(sorted[place]);
        }
    }
}
