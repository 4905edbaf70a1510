package org.zeroply.workshop.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class SideBySideWorkTest {

    @Test
    void every_part_is_done_at_the_same_time_as_the_others() throws IOException {
        CountDownLatch all = new CountDownLatch(3);
        Set<Integer> done = new ConcurrentSkipListSet<>();
        SideBySideWork.run(
                3,
                part -> {
                    all.countDown();
                    await(all);
                    done.add(part);
                });
        assertThat(done).containsExactly(0, 1, 2);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void a_part_that_cannot_write_says_so() {
        assertThatThrownBy(
                        () ->
                                SideBySideWork.run(
                                        2,
                                        part -> {
                                            if (part == 1) {
                                                throw new IOException("the disk is full");
                                            }
                                        }))
                .isInstanceOf(IOException.class)
                .hasMessage("the disk is full");
    }

    @Test
    void a_fault_of_the_program_is_not_hidden() {
        assertThatThrownBy(
                        () ->
                                SideBySideWork.run(
                                        1,
                                        part -> {
                                            throw new ArithmeticException("by zero");
                                        }))
                .isInstanceOf(IllegalStateException.class)
                .hasRootCauseInstanceOf(ArithmeticException.class);
    }

    @Test
    void whoever_waits_and_is_interrupted_does_not_take_the_work_for_done() {
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> SideBySideWork.run(1, part -> await(new CountDownLatch(1))))
                .isInstanceOf(InterruptedIOException.class);
        assertThat(Thread.interrupted()).isTrue();
    }
}
