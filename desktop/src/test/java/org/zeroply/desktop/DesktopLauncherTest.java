package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.zeroply.library.ProgramVersion;

class DesktopLauncherTest {

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @Test
    void the_version_is_told_without_a_window() {
        assertThat(answered("--version")).hasValue(0);
        assertThat(out.toString(StandardCharsets.UTF_8))
                .isEqualToIgnoringNewLines("Zero Ply " + ProgramVersion.text())
                .matches("(?s).* \\d+\\.\\d+\\.\\d+\\s*");
    }

    @Test
    void wrong_usage_ends_with_2_and_says_how_it_is_used() {
        assertThat(answered("desktop", "--loud")).hasValue(2);
        assertThat(out.size()).isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("--loud", "[GAMES.pgn");
    }

    @Test
    void a_file_needs_the_window() {
        assertThat(answered("open.pgn")).isEmpty();
        assertThat(answered()).isEmpty();
    }

    private OptionalInt answered(String... args) {
        return DesktopLauncher.answered(
                List.of(args),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }
}
