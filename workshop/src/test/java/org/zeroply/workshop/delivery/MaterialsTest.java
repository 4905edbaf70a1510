package org.zeroply.workshop.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.workshop.command.Refusal;

class MaterialsTest {

    @TempDir private Path root;

    @Test
    void the_jars_of_both_doors_are_there_once() throws IOException {
        built();
        Materials materials = Materials.of(root);
        assertThat(materials.program())
                .extracting(jar -> jar.getFileName().toString())
                .containsExactly(
                        "chess-1.0.jar", "cli.jar", "desktop.jar", "picocli-4.jar", "skin-2.jar");
        assertThat(materials.javafx())
                .extracting(jar -> jar.getFileName().toString())
                .containsExactly("javafx-base-21-linux.jar");
        assertThat(materials.foreign())
                .extracting(jar -> Component.of(jar).artifact())
                .containsExactlyInAnyOrder("picocli", "skin", "javafx-base");
    }

    @Test
    void what_was_not_built_is_named() throws IOException {
        built();
        Files.delete(root.resolve("cli/target/cli.jar"));
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Materials.of(root))
                .withMessageContaining("cli.jar");
    }

    @Test
    void two_versions_of_a_library_are_refused() throws IOException {
        built();
        touch("desktop/target/lib/skin-3.jar");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Materials.of(root))
                .withMessageContaining("skin-3.jar");
    }

    private void built() throws IOException {
        touch("cli/target/cli.jar");
        touch("cli/target/lib/chess-1.0.jar");
        touch("cli/target/lib/picocli-4.jar");
        touch("desktop/target/desktop.jar");
        touch("desktop/target/lib/chess-1.0.jar");
        touch("desktop/target/lib/skin-2.jar");
        touch("desktop/target/javafx/javafx-base-21.jar");
        touch("desktop/target/javafx/javafx-base-21-linux.jar");
    }

    private void touch(String name) throws IOException {
        Path file = root.resolve(name);
        Files.createDirectories(file.getParent());
        Files.writeString(file, "");
    }
}
