package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxToolkit;
import org.zeroply.library.LibraryException;

class SchedulerTest {

    private final Messages messages = new Messages(Clock.systemUTC());
    private final Scheduler scheduler = new Scheduler(messages);
    private final List<String> heard = new ArrayList<>();
    private final AtomicReference<Task<String>> task = new AtomicReference<>();

    @BeforeAll
    static void begin() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void end() {
        scheduler.close();
    }

    private void listen(Task<String> one) {
        task.set(
                one.whenDone(r -> heard.add("done " + r))
                        .whenFailed(r -> heard.add("failed " + r))
                        .whenCancelled(() -> heard.add("cancelled")));
    }

    @Test
    void what_came_out_is_handed_over_once_also_to_who_asks_later() throws Exception {
        run(() -> listen(scheduler.longWork("Counting", (c, p) -> "three", r -> heard.add(r))));
        until(() -> heard.contains("done three"));
        assertThat(heard).containsExactly("three", "done three");
        run(() -> task.get().whenDone(r -> heard.add("late " + r)));
        assertThat(heard).contains("late three");
        assertThat(task.get().state()).isEqualTo(Task.State.DONE);
    }

    @Test
    void a_failure_is_told_with_its_reason_and_the_lane_goes_on() throws Exception {
        run(
                () ->
                        listen(
                                scheduler.library(
                                        () -> {
                                            throw new LibraryException("The disk is full.", null);
                                        },
                                        r -> heard.add(r))));
        until(() -> task.get().state() == Task.State.FAILED);
        assertThat(heard).containsExactly("failed The disk is full.");
        assertThat(messages.latestProperty().get().orElseThrow().text())
                .isEqualTo("The disk is full.");
        run(() -> listen(scheduler.library(() -> "next", r -> {})));
        until(() -> heard.contains("done next"));
    }

    @ParameterizedTest
    @EnumSource(Scheduler.Lane.class)
    void an_error_of_the_program_ends_a_piece_of_work_and_not_its_lane(Scheduler.Lane lane)
            throws Exception {
        run(
                () ->
                        listen(
                                scheduler.submit(
                                        lane,
                                        "",
                                        (c, p) -> {
                                            throw new StackOverflowError();
                                        })));
        until(() -> task.get().state() == Task.State.FAILED);
        run(() -> listen(scheduler.submit(lane, "", (c, p) -> "alive")));
        until(() -> heard.contains("done alive"));
    }

    @Test
    void work_that_waits_is_cancelled_at_once_and_never_begun() throws Exception {
        CountDownLatch hold = new CountDownLatch(1);
        List<String> begun = new ArrayList<>();
        run(
                () ->
                        scheduler.longWork(
                                "First",
                                (c, p) -> {
                                    hold.await();
                                    return "";
                                },
                                r -> {}));
        run(
                () ->
                        listen(
                                scheduler.longWork(
                                        "Second",
                                        (c, p) -> {
                                            begun.add("begun");
                                            return "";
                                        },
                                        r -> {})));
        run(() -> task.get().cancel());
        assertThat(heard).containsExactly("cancelled");
        hold.countDown();
        run(() -> listen(scheduler.longWork("Third", (c, p) -> "3", r -> {})));
        until(() -> heard.contains("done 3"));
        assertThat(begun).isEmpty();
    }

    @Test
    void work_that_is_shown_tells_how_far_it_is_and_stops_when_asked() throws Exception {
        run(
                () ->
                        listen(
                                scheduler.longWork(
                                        "Searching",
                                        (c, p) -> {
                                            p.accept(0.5);
                                            while (!c.isCancelled()) {
                                                Thread.onSpinWait();
                                            }
                                            throw new CancellationException();
                                        },
                                        r -> {})));
        until(() -> task.get().progressProperty().get() == 0.5);
        assertThat(scheduler.isBusy()).isTrue();
        run(scheduler::cancel);
        until(() -> heard.equals(List.of("cancelled")));
        assertThat(scheduler.isBusy()).isFalse();
    }

    @Test
    void a_quiet_failure_is_left_to_who_asked() throws Exception {
        run(
                () ->
                        listen(
                                scheduler
                                        .<String>library(
                                                () -> {
                                                    throw new LibraryException("no", null);
                                                },
                                                r -> {})
                                        .quietly()));
        until(() -> heard.contains("failed no"));
        assertThat(messages.history()).isEmpty();
    }
}
