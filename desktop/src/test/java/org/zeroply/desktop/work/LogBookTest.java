package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LogBookTest {

    @TempDir private Path folder;

    @Test
    void what_failed_is_written_beside_the_library_and_added_to_what_stood_there() {
        Path library = folder.resolve("100% club.zpl");
        try (LogBook log = new LogBook(library)) {
            LogBook.note("a window could not be drawn", new IllegalStateException("of glass"));
            assertThat(log.file()).isEqualTo(folder.resolve("100% club.log"));
            assertThat(log.text()).contains("a window could not be drawn", "of glass");
        }
        try (LogBook again = new LogBook(library)) {
            LogBook.note("another one", new IllegalStateException("of wood"));
            assertThat(again.text()).contains("of glass", "of wood");
        }
    }

    @Test
    void after_its_end_nothing_more_is_written() {
        LogBook log = new LogBook(folder.resolve("club.zpl"));
        log.close();
        LogBook.note("too late", new IllegalStateException("gone"));
        assertThat(log.text()).doesNotContain("too late");
    }

    @Test
    void a_folder_in_which_no_file_can_be_made_is_no_reason_to_end() throws IOException {
        Path nowhere = Files.writeString(folder.resolve("file"), "").resolve("club.zpl");
        try (LogBook log = new LogBook(nowhere)) {
            LogBook.note("told on the console", new IllegalStateException("no log"));
            assertThat(log.text()).isEmpty();
        }
    }
}
