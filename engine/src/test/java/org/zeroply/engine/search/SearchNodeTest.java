package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SearchNodeTest {

    private static SearchNode node() {
        SearchNode n = new SearchNode();
        n.begin(6, -10, 10, false, 0);
        return n;
    }

    @Property
    void a_move_put_off_is_taken_up_as_it_was(
            @ForAll @IntRange(max = 0xffff) int move,
            @ForAll int rank,
            @ForAll boolean late,
            @ForAll boolean losing,
            @ForAll boolean forces) {
        SearchNode n = node();
        n.takes(1, true, true);
        n.takes(move, late, losing);
        n.rank = rank;
        n.forces = forces;
        assertThat(n.putOff()).isTrue();
        n.takes(2, !late, !losing);
        n.rank = 0;
        n.forces = !forces;
        assertThat(n.takeUp(0)).isTrue();
        assertThat(new Object[] {n.move, n.number, n.rank, n.late, n.losing, n.forces})
                .containsExactly(move, 2, rank, late, losing, forces);
        assertThat(n.takeUp(1)).isFalse();
    }

    @Test
    void what_does_not_fit_is_not_put_off_and_nothing_of_an_earlier_position_is_left() {
        SearchNode n = node();
        int count = 0;
        do {
            n.takes(++count, true, false);
        } while (n.putOff());
        assertThat(n.takeUp(count - 2)).isTrue();
        assertThat(n.move).isEqualTo(count - 1);
        assertThat(n.takeUp(count - 1)).isFalse();
        n.begin(3, 0, 1, true, 0);
        assertThat(n.takeUp(0)).isFalse();
    }
}
