package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

class WarmUpTest {

    private final AtomicReference<Task<Long>> task = new AtomicReference<>();

    @BeforeAll
    static void begin() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @Test
    void it_searches_to_its_end_where_nobody_sees_it() throws Exception {
        try (Scheduler scheduler = new Scheduler(new Messages(Clock.systemUTC()))) {
            AtomicReference<Long> found = new AtomicReference<>();
            run(() -> task.set(WarmUp.begin(scheduler).whenDone(found::set)));
            run(() -> assertThat(scheduler.shownProperty().get()).isNull());
            until(() -> found.get() != null);
            assertThat(found.get()).isGreaterThan(400_000);
        }
    }

    @Test
    void a_window_that_is_closed_does_not_wait_for_it() throws Exception {
        Scheduler scheduler = new Scheduler(new Messages(Clock.systemUTC()));
        run(() -> task.set(WarmUp.begin(scheduler)));
        scheduler.close();
        assertThat(task.get().cancellation().isCancelled()).isTrue();
        until(() -> task.get().state().isEnd());
    }
}
