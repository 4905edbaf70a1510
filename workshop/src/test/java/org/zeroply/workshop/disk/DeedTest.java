package org.zeroply.workshop.disk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.library.Library;

/** With room enough every deed succeeds, and what is only half written is noticed. */
class DeedTest {

    @TempDir private Path folder;

    @BeforeEach
    void prepare() throws IOException {
        Deed.prepare(folder.resolve("l.zpl"));
        Deed.older(folder);
    }

    @ParameterizedTest
    @EnumSource
    void each_succeeds_where_there_is_room_and_leaves_whole_files(Deed deed) throws IOException {
        try (Library library = Library.open(folder.resolve("l.zpl"))) {
            deed.on(library, folder);
        }
        assertThat(Deed.areWhole(folder)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"zip", "pgn", "pdf", "html"})
    void a_file_that_lacks_its_end_is_not_whole(String ending) throws IOException {
        Path file = folder.resolve(Deed.OUT + ending);
        try (Library library = Library.open(folder.resolve("l.zpl"))) {
            for (Deed deed : Deed.values()) {
                if (deed.name().matches("EXPORT.*|REPORT|PAGE")) {
                    deed.on(library, folder);
                }
            }
        }
        assertThat(Deed.areWhole(folder)).isTrue();
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length - 40));
        assertThat(Deed.areWhole(folder)).isFalse();
    }

    @Test
    void a_file_of_before_is_whole_and_an_empty_one_is_not() throws IOException {
        assertThat(Deed.areWhole(folder)).isTrue();
        Files.writeString(folder.resolve(Deed.OUT + "zip"), "");
        assertThat(Deed.areWhole(folder)).isFalse();
    }
}
