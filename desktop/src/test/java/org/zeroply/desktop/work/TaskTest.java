package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TaskTest {

    private final Task<String> task = new Task<>("reading", false);
    private final List<String> told = new ArrayList<>();

    private void listen() {
        task.whenDone(value -> told.add("done " + value))
                .whenFailed(why -> told.add("failed: " + why))
                .whenCancelled(() -> told.add("cancelled"));
    }

    @Test
    void an_end_is_told_once_with_what_came_of_it() {
        listen();
        task.begin();
        assertThat(task.state()).isEqualTo(Task.State.RUNNING);
        task.succeed("games");
        task.fail("too late");
        task.stopped();
        assertThat(told).containsExactly("done games");
        assertThat(task.state()).isEqualTo(Task.State.DONE);
        assertThat(task.reason()).isEmpty();
    }

    @Test
    void whoever_asks_after_the_end_is_told_at_once() {
        task.begin();
        task.fail("the disk is full");
        listen();
        assertThat(told).containsExactly("failed: the disk is full");
        assertThat(task.reason()).isEqualTo("the disk is full");
    }

    @Test
    void a_task_that_waits_is_cancelled_at_once_and_does_not_begin_any_more() {
        listen();
        task.cancel();
        assertThat(told).containsExactly("cancelled");
        task.begin();
        task.succeed("after all");
        assertThat(task.state()).isEqualTo(Task.State.CANCELLED);
        assertThat(told).hasSize(1);
    }

    @Test
    void a_task_that_runs_is_asked_to_stop_and_may_still_be_done() {
        listen();
        task.begin();
        task.cancel();
        assertThat(task.isCancelled()).isTrue();
        assertThat(task.state()).isEqualTo(Task.State.RUNNING);
        assertThat(told).isEmpty();
        task.succeed("games");
        assertThat(told).containsExactly("done games");
    }

    @Test
    void from_an_abandoned_task_nothing_is_heard_any_more() {
        listen();
        task.begin();
        task.abandon();
        assertThat(task.isCancelled()).isTrue();
        task.succeed("too late");
        assertThat(told).containsExactly("cancelled");
        task.abandon();
        assertThat(told).hasSize(1);
    }

    @Test
    void progress_is_unknown_at_first_and_never_goes_back() {
        List<Double> parts = new ArrayList<>();
        task.progressProperty().addListener((o, was, is) -> parts.add(is.doubleValue()));
        assertThat(task.progressProperty().get()).isNegative();
        task.advance(0.2);
        task.advance(0.1);
        task.advance(0.7);
        assertThat(parts).containsExactly(0.2, 0.7);
    }

    @Test
    void otherwise_is_every_end_but_success() {
        task.otherwise(() -> told.add("nothing came of it"));
        task.begin();
        task.stopped();
        assertThat(told).containsExactly("nothing came of it");

        Task<String> good = new Task<>("", false);
        good.otherwise(() -> told.add("wrong"));
        good.begin();
        good.succeed("");
        assertThat(told).hasSize(1);
    }

    @Test
    void a_handler_that_asks_again_is_heard_too() {
        task.whenDone(first -> task.whenDone(second -> told.add(first + second)));
        task.begin();
        task.succeed("x");
        assertThat(told).containsExactly("xx");
    }

    @Test
    void no_task_is_one_that_is_over() {
        assertThat(Task.none().state()).isEqualTo(Task.State.CANCELLED);
        assertThat(Task.none().isCancelled()).isTrue();
        assertThat(task.isQuiet()).isFalse();
        assertThat(task.quietly().isQuiet()).isTrue();
        assertThat(task.mustEnd()).isFalse();
    }

    @ParameterizedTest
    @EnumSource
    void three_states_are_ends(Task.State state) {
        assertThat(state.isEnd())
                .isEqualTo(state != Task.State.WAITING && state != Task.State.RUNNING);
    }
}
