package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentFile;
import org.zeroply.library.student.WrittenWork;

/** What comes through an archive, and what becomes of a damaged one. */
class ArchiveTest {

    private static final String GAMES =
            "[White \"A\"]\n\n1. e4 e5 *\n\n[White \"B\"]\n\n1. d4 d5 *\n\n"
                    + "[ZpSide \"white\"]\n\n1. c4 *\n";

    @TempDir private Path folder;
    private Library library;
    private Library copy;

    @BeforeEach
    void open() {
        library = Library.open(folder.resolve("a.zpl"));
        copy = Library.open(folder.resolve("b.zpl"));
        new Importer(library, Progress.NONE, new Cancellation()).text(GAMES, "games");
    }

    @AfterEach
    void close() {
        library.close();
        copy.close();
    }

    private Path export() {
        Path zip = folder.resolve("all.zip");
        new Exporter(library).write(zip);
        return zip;
    }

    private ImportReport read(Path zip) {
        return new Importer(copy, Progress.NONE, new Cancellation()).files(List.of(zip));
    }

    private static List<SheetRow> games(Library of) {
        return of.sheets().find(SheetQuery.all(SheetKind.GAME));
    }

    @Test
    void the_moments_of_a_student_keep_their_order_and_those_on_sheets_in_the_bin_stay() {
        Student nora = library.students().add("Nora", 1750);
        List<SheetRow> games = games(library);
        for (int ply = 1; ply <= 3; ply++) {
            library.studentFile().add(nora.id(), games.get(0).id(), ply, "no. " + ply);
        }
        library.studentFile().add(nora.id(), games.get(1).id(), 1, "put away");
        putAway(BinStore.Kind.GAME, games.get(1).id());
        assertThat(read(export()).rejected()).isEmpty();
        assertThat(copy.studentFile().of(copy.students().all().get(0).id()))
                .extracting(StudentFile.Filed::text)
                .containsExactly("put away", "no. 3", "no. 2", "no. 1");
    }

    @Test
    void questions_with_a_name_come_along_and_take_nobodys_place() {
        library.queries().keep("Lifts", "white lifted a rook");
        library.queries().keep("Breaks", "white played a break");
        copy.queries().keep("Breaks", "black played a break");
        assertThat(read(export()).rejected()).isEmpty();
        assertThat(copy.queries().named("Lifts")).contains("white lifted a rook");
        assertThat(copy.queries().named("Breaks")).contains("black played a break");
    }

    private void putAway(BinStore.Kind kind, long id) {
        library.bin().put(List.of(new BinStore.Item(kind, id)));
    }

    @Test
    void what_is_in_the_bin_is_in_the_bin_again_and_comes_back_from_it() {
        long chapter = library.sheets().newest(SheetKind.REPERTOIRE).orElseThrow();
        putAway(BinStore.Kind.REPERTOIRE, chapter);
        Path zip = export();
        read(zip);
        assertThat(copy.sheets().newest(SheetKind.REPERTOIRE)).isEmpty();
        assertThat(copy.bin().all())
                .singleElement()
                .satisfies(
                        e ->
                                assertThat(e.deletedAt())
                                        .isEqualTo(library.bin().all().get(0).deletedAt()));
        copy.bin().restore(List.of(copy.bin().all().get(0).item()));
        read(zip);
        assertThat(copy.sheets().find(SheetQuery.all(SheetKind.REPERTOIRE))).hasSize(1);
        assertThat(copy.bin().all()).isEmpty();
    }

    @Test
    void what_the_coach_says_here_of_a_moment_stays() {
        Student nora = library.students().add("Nora", 1750);
        long game = games(library).get(0).id();
        library.studentFile().add(nora.id(), game, 1, "as it was");
        Path zip = export();
        library.studentFile().add(nora.id(), game, 1, "as I see it now");
        new Importer(library, Progress.NONE, new Cancellation()).files(List.of(zip));
        assertThat(library.studentFile().of(nora.id()))
                .extracting(StudentFile.Filed::text)
                .containsExactly("as I see it now");
    }

    @Test
    void of_two_equal_games_the_one_that_was_meant_is_meant_when_an_archive_comes_back() {
        long first = games(library).get(1).id();
        long twin = library.sheets().add(library.sheets().load(first).copy());
        Student nora = library.students().add("Nora", 1750);
        library.collections().put("Models", List.of(twin));
        library.studentFile().add(nora.id(), twin, 1, "a moment");
        library.reviews().note(twin, new ReviewStore.Note(1, ReviewStore.Decision.KEPT, "well"));
        new Importer(library, Progress.NONE, new Cancellation()).files(List.of(export()));
        long models = library.collections().named("Models").orElseThrow().id();
        assertThat(library.collections().sheets(models)).containsExactly(twin);
        assertThat(library.studentFile().of(nora.id())).hasSize(1);
        assertThat(library.reviews().notes(first)).isEmpty();
    }

    /** Two programs had it; one changed it, the other put its own away. */
    @Test
    void a_sheet_in_the_bin_stays_though_another_one_came_in_like_it() {
        long id = games(library).get(0).id();
        MoveTree first = library.sheets().load(id);
        long twin = library.sheets().add(first.copy());
        MoveTree changed = library.sheets().load(id);
        new TreeEditor(changed).comment(changed.mainLine().get(0), "the coach's words");
        library.sheets().save(id, changed);
        putAway(BinStore.Kind.GAME, twin);
        Path zip = export();
        read(zip);
        read(zip);
        assertThat(games(copy)).hasSize(2);
        assertThat(copy.bin().all()).hasSize(1);
    }

    private static long attempt(Library of, Student student, String title) {
        return of.attempts()
                .add(
                        new Attempt(
                                0,
                                title + student.uuid(),
                                student.id(),
                                new WrittenWork(
                                        OptionalLong.empty(),
                                        title,
                                        "1. e4 *",
                                        Instant.EPOCH,
                                        60,
                                        "1. e4"),
                                new Marking(
                                        1,
                                        2,
                                        true,
                                        "{\"points\":1,\"max\":2,\"items\":[],\"rows\":[],\"verdictRight\":true}",
                                        List.of(),
                                        false)));
    }

    private static List<String> binned(Library of) {
        return of.bin().all().stream().map(e -> e.title() + " " + e.deletedAt()).sorted().toList();
    }

    @Test
    void students_and_attempts_in_the_bin_are_in_the_bin_again_with_all_that_is_theirs() {
        Student nora = library.students().add("Nora", 1750);
        Student jonas = library.students().add("Jonas", 1655);
        attempt(library, nora, "kept");
        putAway(BinStore.Kind.ATTEMPT, attempt(library, nora, "withdrawn"));
        attempt(library, jonas, "his");
        library.studentFile().add(jonas.id(), games(library).get(0).id(), 3, "his moment");
        putAway(BinStore.Kind.STUDENT, jonas.id());
        Path zip = export();
        assertThat(read(zip).rejected()).isEmpty();
        assertThat(binned(copy)).hasSize(2).isEqualTo(binned(library));
        Student there = copy.students().putAway().keySet().iterator().next();
        assertThat(copy.bin().of(there.id())).isEqualTo(library.bin().of(jonas.id()));
        copy.bin().restore(copy.bin().all().stream().map(BinStore.Entry::item).toList());
        assertThat(copy.attempts().all())
                .extracting(a -> a.work().title())
                .containsExactlyInAnyOrder("kept", "withdrawn", "his");
        read(zip);
        assertThat(copy.bin().all()).as("brought back stays so").isEmpty();
        assertThat(copy.attempts().all()).hasSize(3);
    }

    @Test
    void a_student_put_away_there_too_keeps_that_time() {
        Student nora = library.students().add("Nora", 1750);
        Student same = copy.students().add(nora.uuid(), "Nora", 1750, "");
        Instant earlier = Instant.parse("2026-01-05T10:00:00Z");
        copy.bin().put(List.of(new BinStore.Item(BinStore.Kind.STUDENT, same.id())), earlier);
        putAway(BinStore.Kind.STUDENT, nora.id());
        read(export());
        assertThat(binned(copy)).containsExactly("Nora " + earlier);
    }

    @Test
    void a_game_changed_since_is_known_in_its_first_form_elsewhere_too() {
        long id = games(library).get(0).id();
        MoveTree tree = library.sheets().load(id);
        new TreeEditor(tree).comment(tree.mainLine().get(0), "the coach's words");
        library.sheets().save(id, tree);
        read(export());
        ImportReport again =
                new Importer(copy, Progress.NONE, new Cancellation()).text(GAMES, "games");
        assertThat(again.stored()).isZero();
        assertThat(games(copy)).hasSize(2);
    }

    /** The archive with one part exchanged. */
    private Path exchanged(String name, String text) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipFile zip = new ZipFile(export().toFile())) {
            for (ZipEntry e : zip.stream().toList()) {
                parts.put(e.getName(), zip.getInputStream(e).readAllBytes());
            }
        }
        parts.put(name, text.getBytes(StandardCharsets.UTF_8));
        Path other = folder.resolve("other.zip");
        try (OutputStream out = Files.newOutputStream(other);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
        return other;
    }

    private static final String ANN = "{\"uuid\":\"1\",\"name\":\"Ann\",\"rating\":9}";

    @ParameterizedTest(name = "{1}: {0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{`uuid`:`2`}|entry 2: it has no name",
                "{`name`:`Ben`}|entry 2: it has no uuid",
                "{`uuid`:`2`,`name`:`Ben`,`rating`:`much`}|it is not what it should be",
                "[1,2]|it is not what it should be",
                "null|it has no content",
                "{`uuid`:`2`,`name`:`Ben`,`attempts`:[{`uuid`:`3`}]}|Ben, attempt 1: it has no scheme",
                "{`uuid`:`2`,`name`:`Ben`,`file`:[{`game`:`k`}]}|Ben, moment 1: it has no text",
                "{`uuid`:`2`,`name`:`Ben`,`assigned`:[{`clothes`:`PLAIN`}]}|Ben, assignment 1",
                "{`uuid`:`2`,`name`:`Ben`,`learnt`:{`q`:{`asked`:true}}}|Ben, what was learnt",
            })
    void one_bad_entry_costs_that_entry_which_is_named_and_kept(String entry, String why)
            throws IOException {
        String bad = entry.replace('`', '"');
        Path zip =
                exchanged(
                        "people.json",
                        "{\"students\":["
                                + ANN
                                + ","
                                + bad
                                + ","
                                + ANN.replace("1", "7").replace("Ann", "Zoë")
                                + "]}");
        ImportReport report = read(zip);
        assertThat(report.stored()).isEqualTo(3);
        assertThat(report.rejected())
                .singleElement()
                .satisfies(r -> assertThat(r.reason()).contains(why, "its text is kept"));
        assertThat(copy.students().all()).extracting(Student::name).contains("Ann", "Zoë");
        assertThat(copy.unread().all()).hasSize(1);
        assertThat(read(zip).stored()).isZero();
        assertThat(copy.unread().all()).hasSize(1);
        new Exporter(copy).write(folder.resolve("again.zip"));
    }

    @Test
    void what_stands_before_a_break_is_taken() throws IOException {
        ImportReport report =
                read(exchanged("people.json", "{\"unread\":[],\"students\":[" + ANN + ",{\"na"));
        assertThat(copy.students().all()).hasSize(1);
        assertThat(report.rejected()).isNotEmpty();
        assertThat(report.rejected().get(0).reason()).contains("damaged after entry 2");
    }

    @Test
    void entries_without_end_are_refused_and_none_of_them_is_taken() throws IOException {
        String people = "{\"students\":[" + (ANN + ",").repeat(250_000) + ANN + "]}";
        Path zip = exchanged("people.json", people);
        assertThat(Files.size(zip)).isLessThan(200_000);
        assertThatThrownBy(() -> read(zip))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("more than 200000 entries");
        assertThat(copy.students().all()).isEmpty();
    }

    @Test
    void an_export_that_fails_leaves_the_older_file_and_no_part() throws IOException {
        Path taken = folder.resolve("taken.zip");
        Files.createDirectories(taken.resolve("something"));
        assertThatThrownBy(() -> new Exporter(library).write(taken))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("could not be written");
        assertThat(taken.resolve("something")).exists();
        assertThat(folder.resolve("taken.zip.part")).doesNotExist();
    }

    @Test
    void a_zip_of_games_is_read_and_one_of_neither_is_told() throws IOException {
        Path games = folder.resolve("games.zip");
        zip(games, "club/spring.PGN", GAMES);
        assertThat(read(games).stored()).isEqualTo(3);
        Path other = folder.resolve("photos.zip");
        zip(other, "a.jpg", "x");
        assertThat(read(other).rejected())
                .singleElement()
                .satisfies(r -> assertThat(r.reason()).contains("neither a library nor any games"));
        assertThat(PgnReader.readAll(GAMES)).hasSize(3);
    }

    private static void zip(Path file, String name, String text) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(text.getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
    }
}
