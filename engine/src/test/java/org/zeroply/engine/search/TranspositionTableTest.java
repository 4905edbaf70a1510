package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class TranspositionTableTest {

    private final TranspositionTable table = new TranspositionTable(1);

    @BeforeEach
    void begin() {
        table.nextSearch();
    }

    @Property(tries = 500)
    void what_is_stored_is_found_again(
            @ForAll long key,
            @ForAll @IntRange(min = 1, max = 0xffff) int move,
            @ForAll @IntRange(min = -32_500, max = 32_500) int score,
            @ForAll @IntRange(min = -20_000, max = 20_000) int evaluation,
            @ForAll @IntRange(max = 127) int depth,
            @ForAll @IntRange(min = 1, max = 3) int bound,
            @ForAll boolean main) {
        table.clear();
        table.store(key, move, score, evaluation, depth, bound, main);
        long data = table.probe(key);
        assertThat(TranspositionTable.move(data)).isEqualTo(move);
        assertThat(TranspositionTable.score(data)).isEqualTo(score);
        assertThat(TranspositionTable.evaluation(data)).isEqualTo(evaluation);
        assertThat(TranspositionTable.depth(data)).isEqualTo(depth);
        assertThat(TranspositionTable.bound(data)).isEqualTo(bound);
        assertThat(table.isMain(data)).isEqualTo(main);
    }

    @Test
    void a_main_line_of_the_search_before_is_none_of_this_one_until_it_is_stored_again() {
        table.store(5, 7, 10, 0, 5, TranspositionTable.EXACT, true);
        table.nextSearch();
        assertThat(TranspositionTable.score(table.probe(5))).isEqualTo(10);
        assertThat(table.isMain(table.probe(5))).isFalse();

        table.store(5, 7, 10, 0, 5, TranspositionTable.EXACT, true);
        assertThat(table.isMain(table.probe(5))).isTrue();
    }

    @Test
    void what_was_never_stored_is_not_found() {
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < 100_000; i++) {
            table.store(random.nextLong(), 7, 0, 0, 5, TranspositionTable.EXACT, false);
        }
        for (int i = 0; i < 100_000; i++) {
            assertThat(table.probe(random.nextLong())).isZero();
        }
        assertThat(table.fullness()).isGreaterThan(500);
    }

    @Test
    void a_table_before_another_one_gives_what_either_knows_and_leaves_the_other_as_it_is() {
        TranspositionTable before = new TranspositionTable(table);
        table.store(5, 7, 10, 0, 5, TranspositionTable.EXACT, false);
        table.store(6, 7, 20, 0, 5, TranspositionTable.EXACT, false);
        before.store(6, 8, 30, 0, 2, TranspositionTable.EXACT, false);
        before.store(9, 8, 40, 0, 2, TranspositionTable.EXACT, false);
        assertThat(TranspositionTable.score(before.probe(5))).isEqualTo(10);
        assertThat(TranspositionTable.score(before.probe(6))).isEqualTo(30);
        assertThat(TranspositionTable.score(table.probe(6))).isEqualTo(20);
        assertThat(table.probe(9)).isZero();
    }

    @Test
    void a_much_shallower_bound_does_not_replace_what_is_known_of_the_same_position() {
        table.store(99, 7, 50, 10, 12, TranspositionTable.LOWER, false);
        table.store(99, 8, 40, 10, 3, TranspositionTable.UPPER, false);
        assertThat(TranspositionTable.depth(table.probe(99))).isEqualTo(12);
        table.store(99, 8, 40, 10, 3, TranspositionTable.EXACT, false);
        assertThat(TranspositionTable.depth(table.probe(99))).isEqualTo(3);
    }

    @Test
    void a_bound_without_a_move_keeps_the_move_known_before() {
        table.store(99, 7, 50, 10, 5, TranspositionTable.LOWER, false);
        table.store(99, 0, 20, 10, 6, TranspositionTable.UPPER, false);
        assertThat(TranspositionTable.move(table.probe(99))).isEqualTo(7);
    }

    @Test
    void in_a_full_bucket_the_shallowest_makes_way_and_old_searches_first_of_all() {
        long step = 1L << 40;
        for (int i = 0; i < 4; i++) {
            table.store(step * (i + 1), 1, 0, 0, 10 + i, TranspositionTable.EXACT, false);
        }
        table.store(step * 5, 1, 0, 0, 20, TranspositionTable.EXACT, false);
        assertThat(table.probe(step)).isZero();
        assertThat(table.probe(step * 5)).isNotZero();
        table.nextSearch();
        table.nextSearch();
        table.store(step * 6, 1, 0, 0, 1, TranspositionTable.EXACT, false);
        table.store(step * 7, 1, 0, 0, 1, TranspositionTable.EXACT, false);
        assertThat(table.probe(step * 6)).isNotZero();
        assertThat(table.probe(step * 7)).isNotZero();
    }
}
