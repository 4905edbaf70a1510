package org.zeroply.workshop.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.workshop.command.Refusal;

class ToolsTest {

    @TempDir private Path folder;

    @Test
    void a_tool_that_this_java_has_not_is_named() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Tools.run("jforge", List.of()))
                .withMessageContaining("no jforge");
    }

    @Test
    void what_a_tool_says_when_it_fails_is_heard() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Tools.run("jlink", List.of("--no-such-option")))
                .withMessageStartingWith("jlink failed: ")
                .withMessageContaining("no-such-option");
    }

    @Test
    void a_folder_is_cleared_with_all_in_it_and_its_parent_is_there() throws IOException {
        Path inner = Files.createDirectories(folder.resolve("a/b"));
        Files.writeString(inner.resolve("c"), "d");
        assertThat(Tools.clear(folder.resolve("a"))).doesNotExist();
        assertThat(folder).exists();
        Tools.clear(folder.resolve("x/y"));
        assertThat(folder.resolve("x")).isDirectory();
        assertThat(folder.resolve("x/y")).doesNotExist();
    }

    @Test
    void classes_are_read_out_of_a_window_only_where_there_is_a_screen() {
        assertThat(ClassArchive.isPossible(Map.of("DISPLAY", ":1"))).isTrue();
        boolean linux = System.getProperty("os.name").equals("Linux");
        assertThat(ClassArchive.isPossible(Map.of())).isEqualTo(!linux);
    }
}
