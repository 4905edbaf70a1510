package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.transfer.Exporter;

/** A library that is moved or replaced while it is open; Windows does not let that happen. */
@DisabledOnOs(OS.WINDOWS)
class VanishedTest {

    private static final String GAME = "[White \"%s\"]\n\n1. e4 *\n";

    @TempDir private Path folder;
    private Path file;
    private Library library;

    @BeforeEach
    void open() {
        file = folder.resolve("a.zpl");
        library = Library.open(file);
        library.sheets().add(GAME.formatted("Before"));
    }

    @AfterEach
    void close() {
        library.close();
    }

    private int games(Library in) {
        return in.sheets().find(SheetQuery.all(SheetKind.GAME)).size();
    }

    @Test
    void what_is_written_into_a_library_that_is_gone_is_refused_until_it_is_back()
            throws IOException {
        Path away = Files.move(file, folder.resolve("away.zpl"));
        assertThatThrownBy(() -> library.sheets().add(GAME.formatted("Lost")))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("a.zpl is gone")
                .hasMessageContaining("export everything");
        assertThatThrownBy(() -> library.backups().make()).hasMessageContaining("is gone");
        assertThat(file).doesNotExist();
        new Exporter(library).write(folder.resolve("all.zip"));
        assertThat(games(library)).isEqualTo(1);
        Files.move(away, file);
        library.sheets().add(GAME.formatted("After"));
        assertThat(games(library)).isEqualTo(2);
    }

    @Test
    void another_library_in_its_place_is_not_written_into() throws IOException {
        Path other = folder.resolve("b.zpl");
        Library.open(other).close();
        byte[] before = Files.readAllBytes(other);
        Files.move(other, file, StandardCopyOption.REPLACE_EXISTING);
        assertThatThrownBy(() -> library.sheets().add(GAME.formatted("Lost")))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("Another file has taken the place");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void a_library_of_which_only_the_last_changes_are_there_is_not_made_anew() throws IOException {
        Files.move(file, folder.resolve("away.zpl"));
        Path log = folder.resolve("a.zpl-wal");
        assertThat(log).isNotEmptyFile();
        byte[] changes = Files.readAllBytes(log);
        assertThatThrownBy(() -> Library.open(file))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("a.zpl-wal");
        assertThat(Files.readAllBytes(log)).isEqualTo(changes);
        assertThat(file).doesNotExist();
    }
}
