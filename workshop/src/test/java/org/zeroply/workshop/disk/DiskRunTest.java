package org.zeroply.workshop.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class DiskRunTest {

    @Test
    void on_a_full_closed_or_vanished_disk_nothing_is_lost_and_it_is_told() throws IOException {
        assumeTrue(DiskRun.isPossible(), "only root can mount disks");
        assertThat(DiskRun.faults(24)).isEmpty();
    }
}
