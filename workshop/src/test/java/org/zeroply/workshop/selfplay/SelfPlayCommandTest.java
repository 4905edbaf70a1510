package org.zeroply.workshop.selfplay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.workshop.selfplay.PositionCommands.positions;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SelfPlayCommandTest {

    @TempDir private Path folder;
    private final PositionCommands commands = new PositionCommands("selfplay");

    private int run(Path out, String... more) {
        return commands.run(out, more);
    }

    @Test
    void the_same_options_give_the_same_files_and_threads_only_share_the_games()
            throws IOException {
        String[] few = {"--games", "4", "--nodes", "60", "--seed", "7"};
        assertThat(run(folder.resolve("a"), few)).as(commands.errors()).isZero();
        assertThat(run(folder.resolve("b"), few)).isZero();
        assertThat(positions(folder.resolve("a")))
                .isNotEmpty()
                .isEqualTo(positions(folder.resolve("b")));
        String[] two = Arrays.copyOf(few, few.length + 2);
        two[few.length] = "--threads";
        two[few.length + 1] = "2";
        assertThat(run(folder.resolve("c"), two)).isZero();
        try (var files = Files.list(folder.resolve("c"))) {
            assertThat(files).hasSize(2);
        }
        assertThat(positions(folder.resolve("c")))
                .containsExactlyInAnyOrderElementsOf(positions(folder.resolve("a")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"--games 0", "--nodes 0", "--threads 0"})
    void nothing_to_play_is_refused(String option) {
        assertThat(run(folder.resolve("a"), option.split(" "))).isEqualTo(1);
        assertThat(commands.errors()).contains("must be positive");
        assertThat(folder.resolve("a")).doesNotExist();
    }
}
