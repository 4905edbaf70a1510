package org.zeroply.workshop.kill;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class KillRunTest {

    @Test
    void nothing_that_was_said_to_be_saved_is_lost_by_a_kill() throws Exception {
        KillRun run = new KillRun(KillRun.thisProgram(), 3);
        assertThat(run.rounds(Work.values().length)).isEmpty();
        assertThat(run.killed()).isPositive();
    }
}
