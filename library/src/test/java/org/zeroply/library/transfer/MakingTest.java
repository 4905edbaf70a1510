package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;

/** Libraries that a program was stopped while making, and two programs that make one. */
class MakingTest {

    private static final int OURS = 0x5a504c59;

    @TempDir private Path folder;

    private Path file() {
        return folder.resolve("a.zpl");
    }

    private void sql(Path at, String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + at);
                Statement statement = connection.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    private void worksAndIsAlone() throws IOException {
        try (Library library = Library.open(file())) {
            long id = library.sheets().add(new MoveTree(Position.START));
            assertThat(library.sheets().has(id)).isTrue();
        }
        assertThat(names()).containsExactly("a.zpl");
    }

    @Test
    void a_new_library_leaves_nothing_beside_it() throws IOException {
        worksAndIsAlone();
    }

    @Test
    void an_empty_file_becomes_a_library() throws IOException {
        Files.createFile(file());
        worksAndIsAlone();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "PRAGMA journal_mode = WAL",
                "PRAGMA application_id = " + OURS,
                "CREATE TABLE flyway_schema_history (x)",
                "PRAGMA user_version = 0",
            })
    void a_library_that_was_not_finished_is_made_anew(String began) throws Exception {
        sql(file(), "PRAGMA page_size = 4096", began, "CREATE TABLE t (x)", "DROP TABLE t");
        assertThat(Files.size(file())).isPositive();
        worksAndIsAlone();
    }

    @Test
    void a_database_of_somebody_else_is_left_as_it_is() throws Exception {
        sql(file(), "CREATE TABLE theirs (x)", "INSERT INTO theirs VALUES (1)");
        byte[] before = Files.readAllBytes(file());
        assertThatThrownBy(() -> Library.open(file()))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("not a Zero Ply library");
        assertThat(Files.readAllBytes(file())).isEqualTo(before);
    }

    @Test
    void a_damaged_library_is_left_as_it_is_and_its_copies_are_named() throws IOException {
        try (Library library = Library.open(file())) {
            library.sheets().add(new MoveTree(Position.START));
        }
        byte[] damaged = Files.readAllBytes(file());
        Arrays.fill(damaged, 100, damaged.length, (byte) 7);
        damaged[68] = 'Z';
        Files.write(file(), damaged);
        assertThatThrownBy(() -> Library.open(file()))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("is damaged and was left as it is")
                .hasMessageContaining("There is no copy of it");
        Files.createDirectory(folder.resolve("a.zpl.backups"));
        assertThatThrownBy(() -> Library.open(file()))
                .hasMessageContaining("Copies of earlier days are in");
        assertThat(Files.readAllBytes(file())).hasSameSizeAs(damaged);
    }

    @Test
    void what_a_stopped_program_left_goes_and_what_a_running_one_makes_stays() throws IOException {
        String dead = "a.zpl.making-999999999-1";
        String alive =
                "a.zpl.making-" + ProcessHandle.current().parent().orElseThrow().pid() + "-1";
        for (String name : List.of(dead, "x" + dead, alive, "b.zpl.making-999999999-1")) {
            Files.writeString(folder.resolve(name), "half");
        }
        Library.open(file()).close();
        assertThat(names())
                .containsExactlyInAnyOrder("a.zpl", alive, "x" + dead, "b.zpl.making-999999999-1");
    }

    @Test
    void two_that_make_one_library_at_once_have_the_same() throws Exception {
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            Callable<Long> adds =
                    () -> {
                        try (Library library = Library.open(file())) {
                            return library.sheets().add(new MoveTree(Position.START));
                        }
                    };
            List<Future<Long>> ids =
                    IntStream.range(0, 2).mapToObj(i -> both.submit(adds)).toList();
            assertThat(ids.get(0).get()).isNotEqualTo(ids.get(1).get());
        } finally {
            both.shutdownNow();
        }
    }
}
