package org.zeroply.workshop.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

class ProgramTest {

    private static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();

    @Test
    void what_it_says_on_either_stream_is_given() throws IOException {
        assertThat(Program.output(Path.of(""), List.of(JAVA, "-version"))).contains("version");
    }

    @Test
    void one_that_fails_is_refused_with_what_it_said() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Program.output(Path.of(""), List.of(JAVA, "no.such.Program")))
                .withMessageStartingWith(JAVA + " no.such.Program: ")
                .withMessageContaining("ClassNotFoundException");
    }
}
