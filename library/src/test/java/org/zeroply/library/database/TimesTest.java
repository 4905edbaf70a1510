package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Student;

/** Older versions kept times as texts, which do not sort: a fraction comes before none. */
class TimesTest {

    @TempDir private Path folder;

    @Test
    void what_was_written_as_a_text_is_the_same_time_and_in_its_order()
            throws IOException, SQLException {
        Path file = folder.resolve("old.zpl");
        try (InputStream packed = Library.class.getResourceAsStream("versions/version-10.zpl.gz");
                InputStream in = new GZIPInputStream(packed)) {
            Files.copy(in, file);
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = c.createStatement()) {
            s.execute("UPDATE attempt SET began_at = '2026-02-03T17:00:00Z', title = 'first'");
            s.execute(
                    "INSERT INTO attempt (uuid, student_id, title, began_at, seconds, answer,"
                            + " points, max, verdict_right, scheme, marked) SELECT 'later',"
                            + " student_id, 'later', '2026-02-03T17:00:00.250Z', 5, answer, points,"
                            + " max, verdict_right, scheme, marked FROM attempt");
            s.execute(
                    "UPDATE sheet SET deleted_at = '2026-01-05T10:00:00.123456789Z' WHERE id = 7");
        }
        try (Library library = Library.open(file)) {
            Student nora = library.students().all().get(0);
            assertThat(library.attempts().of(nora.id()))
                    .extracting(Attempt::work)
                    .extracting(w -> w.title() + " " + w.beganAt())
                    .containsExactly(
                            "later 2026-02-03T17:00:00.250Z", "first 2026-02-03T17:00:00Z");
            assertThat(library.bin().all())
                    .extracting(e -> e.item().id(), BinStore.Entry::deletedAt)
                    .containsExactly(tuple(7L, Instant.parse("2026-01-05T10:00:00.123Z")));
            assertThat(library.check().run(part -> {}, new Cancellation()).isSound()).isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "1970-01-01T00:00:00Z, 0",
        "1970-01-01T00:00:01.5Z, 1500",
        "1969-12-31T23:59:59.999Z, -1",
        "yesterday, 0",
        "'', 0"
    })
    void a_time_that_cannot_be_read_is_the_first_one(String text, long milliseconds) {
        assertThat(SqlFunctions.milliseconds(text)).isEqualTo(milliseconds);
    }
}
