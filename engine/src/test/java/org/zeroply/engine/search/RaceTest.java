package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class RaceTest {

    private static final Race.Course COURSE =
            new Race.Course(new int[] {1, 2}, 0, 7, 30, Proofs.NONE);

    @Test
    void only_the_first_result_counts() {
        Race race = new Race(COURSE);
        assertThat(race.isDecided()).isFalse();
        Race.Finish first = new Race.Finish(12, new int[] {2}, new int[] {2, 1});
        race.finish(first);
        race.finish(new Race.Finish(99, new int[] {1}, new int[] {1, 2}));
        assertThat(race.isDecided()).isTrue();
        assertThat(race.result()).containsSame(first);
    }
}
