package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TextFileTest {

    @TempDir private Path folder;

    @Test
    void a_text_is_read_as_utf_8_or_else_as_latin_1() throws IOException {
        Path file = folder.resolve("names.txt");
        Files.writeString(file, "Bäck – Ким");
        assertThat(TextFile.read(file)).isEqualTo("Bäck – Ким");
        Files.write(file, "Bäck".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(TextFile.read(file)).isEqualTo("Bäck");
        assertThatThrownBy(() -> TextFile.read(folder.resolve("none")))
                .isInstanceOf(NoSuchFileException.class);
    }
}
