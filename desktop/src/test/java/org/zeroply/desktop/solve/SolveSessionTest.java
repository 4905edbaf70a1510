package org.zeroply.desktop.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.WrittenWork;

class SolveSessionTest {

    private final SolveSession session = new SolveSession();

    private static Attempt attempt(OptionalLong exercise, int points, int seconds) {
        return new Attempt(
                0,
                "a",
                1,
                new WrittenWork(exercise, "Two rooks", "", Instant.EPOCH, seconds, ""),
                new Marking(points, 10, true, "{}", List.of(), false));
    }

    @Test
    void a_sitting_adds_up_points_and_time_and_begins_anew() {
        assertThat(session.summary()).isEmpty();
        session.add(attempt(OptionalLong.of(7), 4, 65));
        assertThat(session.summary()).isEqualTo("This sitting: 1 exercise, 4 of 10 points in 1:05");
        session.add(attempt(OptionalLong.of(8), 10, 55));
        assertThat(session.summary())
                .isEqualTo("This sitting: 2 exercises, 14 of 20 points in 2:00");
        session.begin();
        assertThat(session.summary()).isEmpty();
    }

    @Test
    void it_knows_which_exercises_were_tried() {
        session.add(attempt(OptionalLong.of(7), 4, 65));
        session.add(attempt(OptionalLong.empty(), 4, 65));
        assertThat(session.hasTried(7)).isTrue();
        assertThat(session.hasTried(8)).isFalse();
    }
}
