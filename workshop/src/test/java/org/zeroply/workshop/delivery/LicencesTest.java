package org.zeroply.workshop.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.workshop.command.Refusal;

class LicencesTest {

    @TempDir private Path folder;

    @Test
    void a_text_in_the_jar_is_taken_and_else_the_general_one() throws IOException {
        known("own = MIT, Ann and Bob", "bare = MIT, Cleo");
        Files.writeString(folder.resolve("MIT.txt"), "general");
        collect(jar("own-1.2.jar", "META-INF/LICENSE.txt"), jar("bare-3.jar", "a/b.class"));
        assertThat(out("own/LICENSE.txt")).hasContent("text of META-INF/LICENSE.txt");
        assertThat(out("MIT.txt")).hasContent("general");
        assertThat(Files.readAllLines(out("COMPONENTS.txt")))
                .anyMatch(row -> row.matches("own +1\\.2 +MIT, by Ann and Bob; own"))
                .anyMatch(row -> row.matches("bare +3 +MIT, by Cleo; MIT\\.txt"));
    }

    @Test
    void a_class_that_is_called_licence_is_no_text() throws IOException {
        known("own = MIT, Ann");
        Files.writeString(folder.resolve("MIT.txt"), "general");
        collect(jar("own-1.jar", "org/own/License.class"));
        assertThat(out("own")).doesNotExist();
    }

    @Test
    void what_is_not_known_is_not_packed() throws IOException {
        known("own = MIT, Ann");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> collect(jar("new-1.jar", "META-INF/LICENSE")))
                .withMessageContaining("new-1.jar");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> collect(jar("own-1.jar", "x")))
                .withMessageContaining("MIT");
    }

    private void known(String... rows) throws IOException {
        Files.write(folder.resolve("components.properties"), List.of(rows));
    }

    private void collect(Path... jars) throws IOException {
        new Licences(folder).collect(List.of(jars), folder.resolve("out"));
    }

    private Path out(String name) {
        return folder.resolve("out").resolve(name);
    }

    private Path jar(String name, String entry) throws IOException {
        Path jar = folder.resolve(name);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(jar))) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(("text of " + entry).getBytes(StandardCharsets.UTF_8));
        }
        return jar;
    }
}
