package org.zeroply.workshop.walk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("slow")
class WalkTest {

    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void whatever_a_user_does_the_library_has_what_must_be_there(long seed) throws IOException {
        assertThat(WalkRun.fault(250, seed)).isEmpty();
    }
}
