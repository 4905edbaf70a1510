package org.zeroply.engine.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class CancellationTest {

    @Test
    void a_part_stops_with_the_whole_and_the_whole_goes_on_without_a_part() {
        Cancellation whole = new Cancellation();
        Cancellation part = new Cancellation(whole);
        Cancellation other = new Cancellation(whole);
        part.cancel();
        assertThat(part.isCancelled()).isTrue();
        assertThat(whole.isCancelled() || other.isCancelled()).isFalse();
        whole.cancel();
        assertThat(other.isCancelled()).isTrue();
    }

    @Test
    void a_part_stops_when_its_time_is_up() {
        Cancellation whole = new Cancellation();
        Cancellation over = Cancellation.after(0, whole);
        Cancellation longer = Cancellation.after(TimeUnit.DAYS.toMillis(1), whole);
        assertThat(over.isCancelled()).isTrue();
        assertThat(Cancellation.after(Cancellation.NEVER, whole).isCancelled()).isFalse();
        assertThat(Cancellation.after(Cancellation.NEVER - 1, whole).isCancelled()).isFalse();
        assertThat(longer.isCancelled() || whole.isCancelled()).isFalse();
        whole.cancel();
        assertThat(longer.isCancelled()).isTrue();
    }
}
