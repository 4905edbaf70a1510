package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WindowMemoryTest {

    @TempDir Path folder;

    private WindowMemory memory() {
        return new WindowMemory(Optional.of(folder.resolve("below").resolve("window.properties")));
    }

    @Test
    void it_is_there_again_the_next_day() {
        WindowMemory today = memory();
        today.put("window.width", 1280);
        today.put("desk", "Übung – Lab");
        today.put("gone", "x");
        today.put("gone", "");
        today.save();
        WindowMemory tomorrow = memory();
        assertThat(tomorrow.number("window.width")).contains(1280.0);
        assertThat(tomorrow.get("desk")).contains("Übung – Lab");
        assertThat(tomorrow.get("gone")).isEmpty();
    }

    @Test
    void a_broken_file_or_value_is_passed_over() throws IOException {
        Path file = folder.resolve("window.properties");
        Files.writeString(file, "a=\\u00zz\n");
        WindowMemory memory = new WindowMemory(Optional.of(file));
        assertThat(memory.get("a")).isEmpty();
        memory.put("width", "wide");
        assertThat(memory.number("width")).isEmpty();
        memory.put("width", "NaN");
        assertThat(memory.number("width")).isEmpty();
        memory.save();
        assertThat(new WindowMemory(Optional.of(file)).get("width")).contains("NaN");
    }

    @Test
    void the_nine_files_used_last_are_listed_the_latest_first_and_each_once() {
        WindowMemory memory = memory();
        for (int i = 0; i < 12; i++) {
            memory.use("files", folder.resolve("game " + i + ".pgn"));
        }
        memory.use("files", folder.resolve("game 8.pgn"));
        assertThat(memory.recent("files"))
                .hasSize(9)
                .startsWith(folder.resolve("game 8.pgn"), folder.resolve("game 11.pgn"))
                .doesNotHaveDuplicates();
        memory.drop("files", folder.resolve("game 11.pgn"));
        assertThat(memory.recent("files")).hasSize(8);
    }
}
