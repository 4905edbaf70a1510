package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

/** Imports that are broken off, and what the next one of the same file makes of it. */
class BrokenOffTest {

    private static final int GAMES = 1_730;

    @TempDir Path folder;
    private Path file;

    @BeforeEach
    void write() throws IOException {
        file = Files.writeString(folder.resolve("games.pgn"), games(1, GAMES));
    }

    private static String games(int first, int last) {
        return IntStream.rangeClosed(first, last)
                .mapToObj(
                        "[White \"W%1$d\"]\n[Black \"Müller\"]\n\n1. e4 {no %1$d} e5 *\n\n"
                                ::formatted)
                .collect(Collectors.joining());
    }

    private Library open() {
        return Library.open(folder.resolve("club.zpl"));
    }

    private ImportReport read(Library library) {
        return new Importer(library, Progress.NONE, new Cancellation()).files(List.of(file));
    }

    private ImportReport readUpTo(Library library, int games) {
        Cancellation cancellation = new Cancellation();
        Progress progress =
                (fraction, text) -> {
                    if (text.contains(": " + games + " games")) {
                        cancellation.cancel();
                    }
                };
        return new Importer(library, progress, cancellation).files(List.of(file));
    }

    private static int count(Library library) {
        return library.sheets().ids(SheetQuery.all(SheetKind.GAME)).length;
    }

    @Test
    void goes_on_after_the_last_game_that_was_stored() {
        try (Library library = open()) {
            ImportReport first = readUpTo(library, 650);
            assertThat(first.stored()).isEqualTo(650);
            assertThat(first.words())
                    .startsWith("Stopped: 650 games were added")
                    .endsWith("there.");
            assertThat(count(library)).isEqualTo(650);
        }
        try (Library library = open()) {
            ImportReport second = read(library);
            assertThat(second.earlier()).isEqualTo(650);
            assertThat(second.read()).isEqualTo(GAMES - 650);
            assertThat(second.duplicates()).isZero();
            assertThat(second.stopped()).isFalse();
            assertThat(second.words()).contains("650 had been read before");
            assertThat(count(library)).isEqualTo(GAMES);
            assertThat(read(library).duplicates()).as("read whole once more").isEqualTo(GAMES);
        }
    }

    @Test
    void tells_lines_as_if_the_file_had_been_read_at_once() throws IOException {
        Files.writeString(file, "[White \"Last\"]\n\n1. e4 e9 *\n", StandardOpenOption.APPEND);
        int line = 5 * GAMES + 3;
        try (Library library = open()) {
            readUpTo(library, 1_000);
            assertThat(read(library).rejected())
                    .extracting(ImportReport.Rejected::line)
                    .containsExactly(line);
        }
    }

    @Test
    void a_file_that_was_changed_is_read_from_the_start() throws IOException {
        try (Library library = open()) {
            readUpTo(library, 600);
            Files.writeString(file, games(2_001, 2_100) + games(1, GAMES));
            Files.setLastModifiedTime(file, FileTime.fromMillis(0));
            ImportReport second = read(library);
            assertThat(second.earlier()).isZero();
            assertThat(second.duplicates()).isEqualTo(600);
            assertThat(count(library)).isEqualTo(GAMES + 100);
        }
    }

    @Test
    void what_follows_a_failure_is_not_taken_for_read() throws SQLException {
        try (Library library = open()) {
            execute(
                    "CREATE TRIGGER refuses BEFORE INSERT ON sheet WHEN new.white = 'W700' BEGIN"
                            + " SELECT RAISE(ABORT, 'refused'); END");
            assertThatThrownBy(() -> read(library)).isInstanceOf(LibraryException.class);
            assertThat(count(library)).isEqualTo(500);
            execute("DROP TRIGGER refuses");
            assertThat(read(library).earlier()).isEqualTo(500);
            assertThat(count(library)).isEqualTo(GAMES);
        }
    }

    private void execute(String sql) throws SQLException {
        String url = "jdbc:sqlite:" + folder.resolve("club.zpl");
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }
}
