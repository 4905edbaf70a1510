package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.StoreTest;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;

class ImporterTest extends StoreTest {

    private static final String SHEET =
            """
            {"points":5,"max":5,"items":[{"line":"1.e4","points":5,"earned":5,"why":"found"}],\
            "rows":[],"verdictRight":true}""";

    @TempDir private Path files;

    private ImportReport bring(Library into, Progress progress, Path... paths) {
        return new Importer(into, progress, new Cancellation()).files(List.of(paths));
    }

    private ImportReport bring(Path... paths) {
        return bring(library, Progress.NONE, paths);
    }

    private static String games(int count) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < count; i++) {
            text.append("[White \"Player %d\"]\n\n1. e4 e5 *\n\n".formatted(i));
        }
        return text.toString();
    }

    @Test
    void a_folder_stands_for_the_pgn_files_in_it_and_below_it_in_their_order() throws IOException {
        Path deep = Files.createDirectories(files.resolve("club/2026"));
        Files.writeString(files.resolve("club/b.pgn"), "[White \"B\"]\n\n1. e4 *\n");
        Files.writeString(files.resolve("club/a.PGN"), "[White \"A\"]\n\n1. d4 *\n");
        Files.writeString(deep.resolve("c.pgn"), "[White \"C\"]\n\n1. c4 *\n");
        Files.writeString(files.resolve("club/notes.txt"), "[White \"D\"]\n\n1. f4 *\n");
        ImportReport report = bring(files.resolve("club"));
        assertThat(report.read()).isEqualTo(3);
        assertThat(report.rejected()).isEmpty();
        assertThat(library.games().at(Position.START, GameFilter.ALL).games())
                .as("the index knows them at once")
                .isEqualTo(3);
    }

    @Test
    void a_file_that_is_not_there_and_a_folder_without_games_are_told_apart() throws IOException {
        ImportReport none = bring(files.resolve("none.pgn"));
        assertThat(none.rejected())
                .singleElement()
                .satisfies(r -> assertThat(r.reason()).endsWith("none.pgn does not exist"));
        ImportReport empty = bring(Files.createDirectories(files.resolve("empty")));
        assertThat(empty.rejected()).isEmpty();
        assertThat(empty.read()).isZero();
    }

    @Test
    void progress_rises_to_all_of_the_file_and_counts_the_games() throws IOException {
        Path file = Files.writeString(files.resolve("many.pgn"), games(150));
        List<Double> parts = new ArrayList<>();
        List<String> words = new ArrayList<>();
        bring(
                library,
                (part, text) -> {
                    parts.add(part);
                    words.add(text);
                },
                file);
        assertThat(parts).hasSizeGreaterThan(1).isSorted().allMatch(p -> p > 0 && p <= 1);
        assertThat(words).contains("many.pgn: 50 games", "many.pgn: 150 games");
    }

    @Test
    void a_game_that_cannot_be_read_is_kept_as_it_stands() throws IOException {
        Path file =
                Files.writeString(
                        files.resolve("g.pgn"),
                        "[White \"A\"]\n\n1. e4 Ke3 {a word} *\n" + games(1));
        ImportReport report = bring(file);
        assertThat(report.read()).isEqualTo(1);
        assertThat(report.rejected())
                .singleElement()
                .satisfies(r -> assertThat(r.line()).isEqualTo(3));
        assertThat(library.unread().all())
                .singleElement()
                .satisfies(u -> assertThat(u.raw()).contains("1. e4 Ke3 {a word}"));
    }

    @Test
    void a_work_that_is_cancelled_keeps_what_was_read_and_goes_on_there() throws IOException {
        Path file = Files.writeString(files.resolve("many.pgn"), games(300));
        Cancellation stop = new Cancellation();
        ImportReport first =
                new Importer(library, (part, text) -> stop.cancel(), stop).files(List.of(file));
        assertThat(first.stopped()).isTrue();
        assertThat(first.read()).isPositive().isLessThan(300);
        ImportReport second = bring(file);
        assertThat(second.earlier()).isEqualTo(first.read());
        assertThat(second.stored() + first.stored()).isEqualTo(300);
    }

    @Test
    void all_that_belongs_to_a_student_goes_with_the_archive() throws IOException {
        long rooks = exercise("Two rooks");
        Student nora = library.students().add("Nora", 1700);
        library.recall().keep(nora.id(), "start", new Recall("e4", 2, 2.4, 6, 20_600, 3, 2));
        library.recall().choose(nora.id(), Optional.of(Approach.SHARP));
        library.attempts()
                .add(
                        new Attempt(
                                0,
                                "attempt-1",
                                nora.id(),
                                new WrittenWork(
                                        OptionalLong.of(rooks),
                                        "Two rooks",
                                        "1. e4 *",
                                        NOW,
                                        60,
                                        "1.e4"),
                                new Marking(5, 5, true, SHEET, List.of(), true)));
        library.attempts()
                .decide(
                        library.attempts().of(nora.id()).get(0),
                        List.of(Ruling.item(0, 3, "too late")));
        library.assignments().add(nora.id(), rooks, Symmetry.MIRRORED, 20_610, 15, "again");
        long game = add("[White \"A\"]\n\n1. e4 e5 2. Nf3 *\n");
        library.collections().put("Attacks", List.of(game));
        library.reviews()
                .note(game, new ReviewStore.Note(3, ReviewStore.Decision.KEPT, "my words"));
        Student ben = library.students().add("Ben", 1500);
        putAway(BinStore.Kind.STUDENT, ben.id());
        putAway(BinStore.Kind.GAME, add("[White \"Z\"]\n\n1. h4 *\n"));

        Path archive = files.resolve("all.zip");
        new Exporter(library).write(archive);
        try (Library copy = Library.open(files.resolve("copy.zpl"))) {
            ImportReport report = bring(copy, Progress.NONE, archive);
            assertThat(report.rejected()).isEmpty();
            Student there = copy.students().all().get(0);
            assertThat(there.name()).isEqualTo("Nora");
            assertThat(copy.recall().all(there.id()))
                    .containsValue(new Recall("e4", 2, 2.4, 6, 20_600, 3, 2));
            assertThat(copy.recall().approach(there.id())).contains(Approach.SHARP);
            Attempt attempt = copy.attempts().of(there.id()).get(0);
            assertThat(attempt.marking().points()).isEqualTo(3);
            assertThat(attempt.marking().byHand()).isTrue();
            assertThat(attempt.marking().rulings()).hasSize(1);
            assertThat(attempt.work().exerciseId()).isPresent();
            assertThat(attempt.work().beganAt()).isEqualTo(Instant.parse("2026-03-01T10:00:00Z"));
            assertThat(copy.assignments().of(there.id()))
                    .singleElement()
                    .satisfies(a -> assertThat(a.homework().clothes()).isEqualTo(Symmetry.MIRRORED))
                    .satisfies(a -> assertThat(a.homework().reason()).isEqualTo("again"))
                    .satisfies(a -> assertThat(a.dueDay()).isEqualTo(20_610));
            assertThat(copy.collections().named("Attacks").orElseThrow().sheets()).isEqualTo(1);
            long noted = copy.reviews().notedSheets().get(0);
            assertThat(copy.reviews().notes(noted))
                    .containsExactly(
                            new ReviewStore.Note(3, ReviewStore.Decision.KEPT, "my words"));
            assertThat(copy.students().putAway().keySet())
                    .extracting(Student::name)
                    .containsExactly("Ben");
            assertThat(copy.bin().all())
                    .extracting(e -> e.item().kind())
                    .contains(BinStore.Kind.GAME, BinStore.Kind.STUDENT);

            ImportReport again = bring(copy, Progress.NONE, archive);
            assertThat(again.stored()).as("nothing comes in twice").isZero();
            assertThat(copy.attempts().of(there.id())).hasSize(1);
            assertThat(copy.assignments().of(there.id())).hasSize(1);
        }
    }
}
