package org.zeroply.library.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

class BackupsTest {

    @TempDir private Path folder;
    private final Days clock = new Days();
    private Library library;

    /** A clock that is put forward. */
    private static final class Days extends java.time.Clock {
        private Instant now = Instant.parse("2026-03-02T12:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneId.systemDefault();
        }

        @Override
        public java.time.Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    @BeforeEach
    void open() {
        library = Library.open(folder.resolve("it's a club.zpl"), clock);
        library.sheets().add("[White \"A\"]\n\n1. e4 *\n");
    }

    @AfterEach
    void close() {
        library.close();
    }

    private Backups backups() {
        return library.backups();
    }

    private int games() {
        return library.sheets().find(SheetQuery.all(SheetKind.GAME)).size();
    }

    @Test
    void one_copy_a_day_is_made_unless_they_are_turned_off() {
        assertThat(backups().keepUp()).isTrue();
        assertThat(backups().keepUp()).isFalse();
        clock.now = clock.now.plus(1, ChronoUnit.DAYS);
        backups().turn(false);
        assertThat(backups().keepUp()).isFalse();
        backups().turn(true);
        assertThat(backups().keepUp()).isTrue();
        assertThat(backups().all())
                .extracting(Backups.Backup::day)
                .containsExactly(LocalDate.of(2026, 3, 3), LocalDate.of(2026, 3, 2));
        assertThat(backups().all()).allMatch(b -> b.bytes() > 0);
        try (Library copy = Library.open(backups().all().get(0).file())) {
            assertThat(copy.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
        }
    }

    @Test
    void the_days_of_a_week_and_the_weeks_of_two_months_are_kept() {
        List<LocalDate> days = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            days.add(LocalDate.of(2026, 6, 17).minusDays(i));
        }
        Set<LocalDate> kept = Backups.kept(days);
        assertThat(kept)
                .containsAll(days.subList(0, 7))
                // The Sundays before, of the weeks that are not among the seven days.
                .contains(LocalDate.of(2026, 6, 7), LocalDate.of(2026, 5, 3))
                .doesNotContain(LocalDate.of(2026, 6, 10), LocalDate.of(2026, 4, 26))
                .hasSize(7 + 6);
        assertThat(Backups.kept(List.of())).isEmpty();
    }

    @Test
    void old_copies_go_and_files_of_others_stay() throws IOException {
        Files.createDirectories(backups().folder());
        Files.writeString(backups().folder().resolve("notes.txt"), "mine");
        for (int i = 0; i < 12; i++) {
            backups().keepUp();
            clock.now = clock.now.plus(1, ChronoUnit.DAYS);
        }
        assertThat(backups().all()).hasSize(7);
        try (Stream<Path> files = Files.list(backups().folder())) {
            assertThat(files).hasSize(8);
        }
    }

    @Test
    void a_copy_takes_the_place_of_the_library_and_what_was_there_is_kept() {
        Backups.Backup copy = backups().make();
        library.sheets().add("[White \"B\"]\n\n1. d4 *\n");
        library.students().add("Nora", 1700);
        assertThat(backups().changes(copy.file()))
                .extracting(Change::words)
                .containsExactly("games: 1 would go", "students: 1 would go");
        Path before = backups().restore(copy.file());
        assertThat(games()).isEqualTo(1);
        assertThat(library.students().all()).isEmpty();
        assertThat(backups().changes(before))
                .extracting(Change::words)
                .containsExactly("games: 1 would come back", "students: 1 would come back");
        backups().restore(before);
        assertThat(games()).isEqualTo(2);
        assertThat(backups().changes(before)).isEmpty();
    }

    @Test
    void a_copy_that_an_older_program_made_is_compared_and_brought_up_to_date() throws IOException {
        Path old = folder.resolve("old.zpl");
        try (InputStream in =
                new GZIPInputStream(
                        Library.class.getResourceAsStream("versions/version-5.zpl.gz"))) {
            Files.copy(in, old);
        }
        byte[] bytes = Files.readAllBytes(old);
        assertThat(backups().changes(old))
                .extracting(Change::words)
                .containsExactly(
                        "games: 1 would go, 1 would come back",
                        "students: 1 would come back",
                        "attempts: 1 would come back");
        backups().restore(old);
        library.close();
        library = Library.open(folder.resolve("it's a club.zpl"), clock);
        assertThat(library.sheets().find(SheetQuery.all(SheetKind.GAME)))
                .extracting(row -> row.heading().white())
                .containsExactly("Marram, Ilse");
        assertThat(Files.readAllBytes(old)).isEqualTo(bytes);
    }

    @Test
    void what_is_no_sound_copy_is_refused_and_nothing_changes() throws IOException {
        Path torn = backups().make().file();
        byte[] bytes = Files.readAllBytes(torn);
        java.util.Arrays.fill(bytes, 4096, bytes.length, (byte) 7);
        Files.write(torn, bytes);
        Path text = Files.writeString(folder.resolve("a.zpl"), "text");
        for (Path bad : List.of(torn, text, folder.resolve("none.zpl"), folder)) {
            assertThatThrownBy(() -> backups().restore(bad))
                    .isInstanceOf(LibraryException.class)
                    .hasMessageContaining("cannot be used")
                    .hasMessageContaining("left as it is");
        }
        assertThat(games()).isEqualTo(1);
        assertThat(text).hasContent("text");
    }
}
