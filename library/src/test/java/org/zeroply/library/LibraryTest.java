package org.zeroply.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.find.Appeal;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.FindStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

class LibraryTest {

    private static final String GAMES =
            """
            [Event "Harbour Cup"]
            [White "Ander, Mila"]
            [Black "Brook, Tom"]
            [Result "1-0"]

            1. e4 e5 2. Qh5 Ke7 {why?} 3. Qxe5# 1-0

            [Event "Harbour Cup"]
            [White "Brook, Tom"]
            [Black "Ander, Mila"]

            1. e4 e5 2. Qh5 Ke6 1-0

            [Event "Set 1"]
            [ZpKind "calculation"]

            1. e4 {[%zp.pts 5]} *
            """;

    @TempDir Path folder;

    @Test
    void an_import_counts_new_known_and_unreadable_games_and_keeps_the_latter() {
        try (Library library = open("a.zpl")) {
            ImportReport first = importText(library, GAMES);
            assertThat(first.read()).isEqualTo(2);
            assertThat(first.stored()).isEqualTo(2);
            assertThat(first.rejected())
                    .singleElement()
                    .satisfies(
                            r -> {
                                assertThat(r.line()).isEqualTo(12);
                                assertThat(r.reason()).contains("Ke6 is not legal here");
                            });
            assertThat(library.unread().all())
                    .singleElement()
                    .satisfies(
                            u -> {
                                assertThat(u.raw()).contains("2. Qh5 Ke6 1-0");
                            });
            ImportReport second = importText(library, GAMES);
            assertThat(second.stored()).isZero();
            assertThat(second.duplicates()).isEqualTo(2);
            assertThat(library.unread().all()).hasSize(1);
            assertThat(library.sheets().find(SheetQuery.all(SheetKind.EXERCISE))).hasSize(1);
        }
    }

    @Test
    void a_game_annotated_since_is_still_known_in_both_forms() {
        try (Library library = open("a.zpl")) {
            importText(library, GAMES);
            SheetRow row = library.sheets().find(SheetQuery.all(SheetKind.GAME)).get(0);
            MoveTree tree = library.sheets().load(row.id());
            new TreeEditor(tree).comment(tree.mainLine().get(0), "the coach's words");
            library.sheets().save(row.id(), tree);
            assertThat(importText(library, GAMES).stored()).isZero();
            assertThat(importText(library, PgnWriter.write(tree)).stored()).isZero();
        }
    }

    @Test
    void sheets_are_found_by_words_and_result_and_can_be_brought_back() {
        try (Library library = open("a.zpl")) {
            importText(library, GAMES);
            SheetQuery query = new SheetQuery(SheetKind.GAME, "mila harbour", "1-0", 3);
            SheetRow row = library.sheets().find(query).get(0);
            assertThat(row.title()).isEqualTo("Ander, Mila – Brook, Tom");
            assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, "100%", "", 0)))
                    .isEmpty();
            library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, row.id())));
            assertThat(library.sheets().find(query)).isEmpty();
            library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.GAME, row.id())));
            assertThat(library.sheets().find(query)).hasSize(1);
        }
    }

    @Test
    void importing_what_was_exported_gives_the_same_library() throws IOException {
        Path zip = folder.resolve("all.zip");
        Path pgn = folder.resolve("all.pgn");
        List<String> before;
        try (Library library = open("a.zpl")) {
            fill(library);
            before = content(library);
            new Exporter(library).write(zip);
            new Exporter(library).write(pgn);
        }
        try (Library copy = open("b.zpl")) {
            ImportReport report = importFiles(copy, zip);
            assertThat(report.rejected()).isEmpty();
            assertThat(content(copy)).isEqualTo(before);
            assertThat(importFiles(copy, zip, pgn).stored()).isZero();
            assertThat(content(copy)).isEqualTo(before);
            new Exporter(copy).write(folder.resolve("again.pgn"));
            assertThat(folder.resolve("again.pgn")).hasSameTextualContentAs(pgn);
        }
    }

    private static void fill(Library library) {
        importText(library, GAMES);
        long exercise = library.sheets().find(SheetQuery.all(SheetKind.EXERCISE)).get(0).id();
        Student student = library.students().add("Nora", 1750);
        library.students().save(new Student(student.id(), student.uuid(), "Nora B.", 1800, "n"));
        library.sheets().add("[Event \"Ours\"]\n[ZpSide \"black\"]\n\n1. e4 e5 *\n\n");
        library.recall().choose(student.id(), Optional.of(Approach.SHARP));
        library.recall()
                .keep(
                        student.id(),
                        "move x",
                        Recall.fresh("e7e5").after(Recall.Grade.WITH_HELP, 20_000));
        library.attempts()
                .add(
                        new Attempt(
                                0,
                                "u-1",
                                student.id(),
                                new WrittenWork(
                                        OptionalLong.of(exercise),
                                        "Set 1",
                                        "1. e4 *",
                                        Instant.parse("2026-01-02T10:00:00Z"),
                                        600,
                                        "1.e4"),
                                new Marking(
                                        5,
                                        5,
                                        false,
                                        "{\"points\":5,\"max\":5,\"items\":[{\"line\":\"1.e4\","
                                                + "\"points\":5,\"earned\":5,\"why\":\"found\"}],"
                                                + "\"rows\":[],\"verdictRight\":false}",
                                        List.of(),
                                        false)));
        Attempt attempt = library.attempts().of(student.id()).get(0);
        library.attempts().decide(attempt, List.of(Ruling.item(0, 3, "late")));
        library.assignments()
                .add(student.id(), exercise, Symmetry.FLIPPED, 20_001, 15, "comes back");
        long game = library.sheets().find(SheetQuery.all(SheetKind.GAME)).get(0).id();
        library.collections().put("Model games", List.of(game, exercise));
        library.collections().put("Nothing yet", List.of());
    }

    @Test
    void finds_are_kept_until_a_game_is_looked_through_again_and_decisions_stay() {
        try (Library library = open("finds.zpl")) {
            importText(library, GAMES);
            List<Long> games = library.finds().waiting("engine 1");
            assertThat(games).isNotEmpty();
            Prospect one = prospect(20);
            Prospect two = prospect(30);
            library.finds().keep(games.get(0), "engine 1", List.of(one, two));
            assertThat(library.finds().waiting("engine 1")).doesNotContain(games.get(0));
            assertThat(library.finds().waiting("engine 2")).contains(games.get(0));
            List<FindStore.GameFind> open = library.finds().all(FindStore.State.OPEN);
            assertThat(open).extracting(FindStore.GameFind::prospect).containsExactly(one, two);
            library.bin().put(List.of(new BinStore.Item(BinStore.Kind.FIND, open.get(0).id())));
            library.finds().keep(games.get(0), "engine 2", List.of(one));
            assertThat(library.finds().all(FindStore.State.OPEN)).isEmpty();
            assertThat(library.finds().all(FindStore.State.PUT_AWAY)).hasSize(1);
            library.sheets().save(games.get(0), library.sheets().load(games.get(0)));
            library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, games.get(0))));
            assertThat(library.finds().all(FindStore.State.PUT_AWAY)).isEmpty();
        }
    }

    private static Prospect prospect(int ply) {
        Position start = Position.START;
        Move e4 = start.legalMoves().get(0);
        return new Prospect(
                start,
                ply,
                List.of(e4),
                List.of(start.legalMoves().get(1)),
                List.of(new Appeal(Appeal.Kind.TEMPTING, "it tempts")),
                List.of("fork"),
                2);
    }

    private static List<String> content(Library library) {
        List<String> content = new ArrayList<>();
        for (SheetKind kind : SheetKind.values()) {
            library.sheets().forEachPgn(kind, content::add);
        }
        for (CollectionStore.Collection c : library.collections().all()) {
            List<String> games =
                    library.collections().sheets(c.id()).stream()
                            .map(library.sheets()::keyOf)
                            .sorted()
                            .toList();
            content.add(c.name() + games);
        }
        for (Student s : library.students().all()) {
            content.add(s.uuid() + s.name() + s.rating() + s.note());
            content.add(library.recall().all(s.id()) + "" + library.recall().approach(s.id()));
            library.attempts()
                    .of(s.id())
                    .forEach(
                            a ->
                                    content.add(
                                            a.uuid()
                                                    + a.work().answer()
                                                    + a.marking().points()
                                                    + a.marking().rulings()));
        }
        for (Student s : library.students().all()) {
            library.assignments()
                    .of(s.id())
                    .forEach(a -> content.add(a.uuid() + a.name() + a.dueDay() + a.state()));
        }
        library.unread().all().forEach(u -> content.add(u.raw() + u.reason()));
        return content;
    }

    @Test
    void a_file_that_is_no_library_is_refused_and_left_alone() throws IOException {
        Path text = folder.resolve("games.pgn");
        Files.writeString(text, "1. e4 e5 *");
        assertThatThrownBy(() -> Library.open(text))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("is not a Zero Ply library")
                .hasMessageContaining("import it");
        assertThat(text).hasContent("1. e4 e5 *");
        assertThatThrownBy(() -> Library.open(folder))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("is a folder");
        assertThatThrownBy(() -> Library.open(folder.resolve("no/such.zpl")))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("does not exist");
    }

    @Test
    void a_database_of_another_program_is_refused() throws SQLException {
        sql("other.db", "CREATE TABLE t (x)");
        assertThatThrownBy(() -> open("other.db"))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("is not a Zero Ply library");
    }

    @Test
    void a_newer_library_is_refused_and_an_older_one_is_backed_up_first()
            throws SQLException, IOException {
        open("new.zpl").close();
        sql(
                "new.zpl",
                "INSERT INTO flyway_schema_history VALUES (99, '99', 'later', 'SQL', 'V99__l.sql',"
                        + " 1, 'x', '2030-01-01 00:00:00.000', 1, 1)");
        assertThatThrownBy(() -> open("new.zpl"))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("newer version");
        migrated("old.zpl", "1");
        open("old.zpl").close();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(f -> f.getFileName().toString()))
                    .contains("old.zpl.before-v1.backup");
        }
    }

    /** A library as an older program left it. */
    private void migrated(String name, String version) throws SQLException {
        Flyway.configure(Library.class.getClassLoader())
                .dataSource("jdbc:sqlite:" + folder.resolve(name), "", "")
                .locations("classpath:org/zeroply/library/migrations")
                .target(version)
                .load()
                .migrate();
        sql(name, "PRAGMA application_id = " + 0x5a504c59);
    }

    @Test
    void a_library_from_before_repertoires_keeps_its_games_and_learns_their_positions()
            throws SQLException {
        migrated("v2.zpl", "2");
        sql(
                "v2.zpl",
                "INSERT INTO sheet VALUES (7, 'game', 'A – B', 'A', 'B', '', '', '1-0', 0, 0, 2,"
                        + " '1. e4 e5 1-0', 'k', 'k', '2026-01-01T00:00:00Z',"
                        + " '2026-01-01T00:00:00Z', NULL)",
                "INSERT INTO review (sheet_id, nodes, state, place, changed_at) VALUES (7, 1,"
                        + " 'done', 1, '')");
        try (Library library = open("v2.zpl")) {
            assertThat(library.games().at(Position.START, GameFilter.ALL).games()).isEqualTo(1);
            long chapter =
                    library.sheets().add("[Event \"Ours\"]\n[ZpSide \"black\"]\n\n1. e4 e5 *\n\n");
            assertThat(library.sheets().find(SheetQuery.all(SheetKind.REPERTOIRE)))
                    .singleElement()
                    .satisfies(r -> assertThat(r.id()).isEqualTo(chapter))
                    .satisfies(r -> assertThat(r.title()).isEqualTo("Ours"));
            assertThat(library.reviews().entries()).hasSize(1);
            library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, 7)));
            assertThat(library.games().at(Position.START, GameFilter.ALL).games())
                    .as("a chapter is no game")
                    .isZero();
        }
        assertThat(folder.resolve("v2.zpl.before-v2.backup")).exists();
    }

    @Test
    void what_was_written_survives_a_killed_process() throws IOException {
        Library library = open("a.zpl");
        importText(library, GAMES);
        // The files as a killed process leaves them: nothing closed, the log not folded in.
        Files.copy(folder.resolve("a.zpl"), folder.resolve("b.zpl"));
        Files.copy(folder.resolve("a.zpl-wal"), folder.resolve("b.zpl-wal"));
        library.close();
        try (Library after = open("b.zpl")) {
            assertThat(after.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
        }
    }

    @Test
    void several_threads_write_and_read_without_losing_anything() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(4);
        try (Library library = open("a.zpl")) {
            List<Future<?>> work = new ArrayList<>();
            for (int t = 0; t < 4; t++) {
                int thread = t;
                work.add(
                        pool.submit(
                                () -> {
                                    for (int i = 0; i < 20; i++) {
                                        library.students().add("S" + thread + "-" + i, 1500);
                                        library.students().all();
                                    }
                                }));
            }
            for (Future<?> f : work) {
                f.get();
            }
            assertThat(library.students().all()).hasSize(80);
        } finally {
            pool.shutdown();
        }
    }

    @Test
    void files_that_cannot_be_read_are_named_and_the_others_are_imported() throws IOException {
        Path good = folder.resolve("in/deep/good.pgn");
        Files.createDirectories(good.getParent());
        Files.writeString(good, "1. d4 d5 *\n");
        Files.write(folder.resolve("in/bad.pgn"), new byte[] {0, 1, 2, (byte) 0xff, '[', 7});
        Files.write(folder.resolve("bad.zip"), new byte[] {'P', 'K', 1, 2});
        try (Library library = open("a.zpl")) {
            ImportReport report =
                    importFiles(
                            library,
                            folder.resolve("in"),
                            folder.resolve("bad.zip"),
                            folder.resolve("none.pgn"));
            assertThat(report.stored()).isEqualTo(1);
            assertThat(report.rejected())
                    .extracting(ImportReport.Rejected::file)
                    .containsExactly("bad.pgn", "bad.zip", "none.pgn");
        }
    }

    @Test
    void the_games_of_a_library_are_those_of_its_file() {
        PgnEntry entry = PgnReader.readAll(GAMES).get(0);
        MoveTree tree = ((PgnEntry.Game) entry).tree();
        try (Library library = open("a.zpl")) {
            long id = library.sheets().add(tree);
            assertThat(PgnWriter.write(library.sheets().load(id))).isEqualTo(PgnWriter.write(tree));
        }
    }

    private Library open(String name) {
        return Library.open(folder.resolve(name));
    }

    private static ImportReport importText(Library library, String pgn) {
        return new Importer(library, Progress.NONE, new Cancellation()).text(pgn, "text");
    }

    private static ImportReport importFiles(Library library, Path... files) {
        return new Importer(library, Progress.NONE, new Cancellation()).files(List.of(files));
    }

    private void sql(String name, String... statements) throws SQLException {
        String url = "jdbc:sqlite:" + folder.resolve(name);
        try (Connection c = DriverManager.getConnection(url);
                Statement s = c.createStatement()) {
            for (String statement : statements) {
                s.execute(statement);
            }
        }
    }
}
