package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.library.Library;

class EngineSettingsTest {

    @TempDir Path folder;

    @Test
    void settings_come_back_from_the_library_as_they_were() {
        EngineSettings chosen =
                new EngineSettings(2, 64, "\"/opt/my engine/run\" --quick", "Skill=3\n", 7);
        try (Library library = Library.open(folder.resolve("a.zpl"))) {
            assertThat(EngineSettings.load(library.settings())).isEqualTo(EngineSettings.USUAL);
            chosen.save(library.settings());
        }
        try (Library library = Library.open(folder.resolve("a.zpl"))) {
            assertThat(EngineSettings.load(library.settings())).isEqualTo(chosen);
        }
    }

    @Test
    void what_is_broken_is_as_usual() {
        try (Library library = Library.open(folder.resolve("a.zpl"))) {
            library.settings().put("engine.threads", "-4");
            library.settings().put("engine.megabytes", "plenty");
            assertThat(EngineSettings.load(library.settings())).isEqualTo(EngineSettings.USUAL);
        }
    }

    @Test
    void words_in_quotes_may_hold_spaces() {
        assertThat(EngineSettings.command("\"/opt/my engine/run\" --quick  -x"))
                .containsExactly("/opt/my engine/run", "--quick", "-x");
        assertThat(EngineSettings.command("  ")).isEmpty();
    }

    @Test
    void there_is_a_second_engine_only_when_one_is_named() {
        assertThat(EngineSettings.USUAL.second()).isEmpty();
        assertThat(new EngineSettings(1, 16, "engine", "", 5).second()).isPresent();
    }
}
