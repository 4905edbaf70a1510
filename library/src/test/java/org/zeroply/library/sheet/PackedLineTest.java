package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class PackedLineTest {

    @Property(tries = 500)
    void the_entry_at_a_place_is_that_of_the_sorted_ones(
            @ForAll @Size(min = 1, max = 60) int[] entries, @ForAll @IntRange(max = 59) int at) {
        int place = at % entries.length;
        int[] sorted = entries.clone();
        Arrays.sort(sorted);
        assertThat(PackedLine.inOrder(entries, entries.length, place)).isEqualTo(sorted[place]);
    }
}
