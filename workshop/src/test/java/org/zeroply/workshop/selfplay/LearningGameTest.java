package org.zeroply.workshop.selfplay;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

@Tag("slow")
class LearningGameTest {

    private static final Limits FEW = new Limits(Limits.MAX_DEPTH, 200, 3_600_000);

    @Test
    void a_number_always_gives_the_same_game() {
        BuiltInEngine engine = new BuiltInEngine(1);
        LearningGame.Played first = LearningGame.play(engine, FEW, 5);
        LearningGame.play(engine, FEW, 6);
        assertThat(LearningGame.play(engine, FEW, 5)).isEqualTo(first);
        assertThat(LearningGame.play(new BuiltInEngine(1), FEW, 5)).isEqualTo(first);
    }

    @Test
    void positions_are_quiet_and_tell_the_result_for_who_is_to_move() {
        BuiltInEngine engine = new BuiltInEngine(1);
        boolean[] won = new boolean[3];
        for (int n = 1; n <= 8; n++) {
            LearningGame.Played played = LearningGame.play(engine, FEW, n);
            assertThat(played.positions()).isNotEmpty();
            for (JudgedPosition position : played.positions()) {
                assertThat(position.position().toBoard().inCheck()).isFalse();
                assertThat(position.points()).isIn(played.points(), 2 - played.points());
                won[position.points()] = true;
            }
        }
        assertThat(won[0] && won[2]).isTrue();
    }
}
