package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.review.Moment;

class GameMomentTest {

    @Test
    void queries_know_every_kind_of_moment_a_review_has() {
        assertThat(Arrays.stream(Moment.Kind.values()).map(Moment.Kind::word))
                .containsExactlyElementsOf(GameMoment.KINDS);
    }
}
