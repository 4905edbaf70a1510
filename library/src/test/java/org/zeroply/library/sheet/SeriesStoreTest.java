package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.StoreTest;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

class SeriesStoreTest extends StoreTest {

    @TempDir private Path files;

    private static LessonStep step(StepKind kind, String title) {
        return LessonStep.of(kind, Position.START).with(LessonStep.TITLE, title);
    }

    private static Lesson lesson(String title, String... steps) {
        List<LessonStep> all = new ArrayList<>();
        for (String name : steps) {
            all.add(step(StepKind.SHOW, name));
        }
        return new Lesson(title, all);
    }

    private static List<String> steps(Lesson lesson) {
        return lesson.steps().stream().map(LessonStep::title).toList();
    }

    private LessonAnswer answer(String uuid, long student, OptionalLong lesson) {
        return new LessonAnswer(
                uuid,
                student,
                new LessonAnswer.Asked(
                        lesson, "Files", 1, "Which file?", List.of("attack", "open file")),
                new LessonAnswer.Given(
                        "g", AnswerOutcome.NEARLY, 40, Instant.parse("2026-03-01T10:00:00Z")));
    }

    @Test
    void a_lesson_is_listed_under_its_name_with_its_steps_counted() {
        long id = library.lessons().add(lesson("Open files", "One", "Two", "Three"));
        exercise("Two rooks");
        reopen();
        assertThat(library.lessons().all())
                .singleElement()
                .satisfies(
                        row -> {
                            assertThat(row.id()).isEqualTo(id);
                            assertThat(row.title()).isEqualTo("Open files");
                            assertThat(row.plies()).isEqualTo(3);
                            assertThat(row.kind()).isEqualTo(SheetKind.LESSON);
                        });
        assertThat(steps(library.lessons().load(id))).containsExactly("One", "Two", "Three");
        assertThat(library.check().run(part -> {}, new Cancellation()).isSound()).isTrue();
        assertThatThrownBy(() -> library.lessons().load(99))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("no lesson 99");
    }

    @Test
    void every_change_is_taken_back_and_made_again_also_tomorrow() {
        Lesson first = lesson("Open files", "One", "Two");
        long id = library.lessons().add(first);
        List<Lesson> states = new ArrayList<>(List.of(first));
        states.add(first.moved(0, 1));
        states.add(states.get(1).named("Closed files"));
        states.add(states.get(2).with(1, step(StepKind.ASK, "Between")));
        states.add(states.get(3).without(0));
        states.subList(1, 5).forEach(s -> library.lessons().save(id, s, SheetStep.CHANGE));
        reopen();
        for (int i = 3; i >= 0; i--) {
            Lesson earlier = library.lessons().earlier(id).orElseThrow();
            assertThat(earlier.pgn()).isEqualTo(states.get(i).pgn());
            library.lessons().save(id, earlier, SheetStep.UNDO);
        }
        assertThat(library.lessons().earlier(id)).isEmpty();
        assertThat(library.lessons().all().get(0).title()).isEqualTo("Open files");
        reopen();
        for (int i = 1; i < 5; i++) {
            Lesson later = library.lessons().later(id).orElseThrow();
            assertThat(later.pgn()).isEqualTo(states.get(i).pgn());
            library.lessons().save(id, later, SheetStep.REDO);
        }
        assertThat(library.lessons().later(id)).isEmpty();
    }

    @Test
    void a_file_of_lessons_and_games_brings_in_both_and_nothing_twice() throws IOException {
        String game = "[White \"Ann\"]\n[Black \"Bob\"]\n\n1. e4 e5 *\n\n";
        String text =
                game
                        + lesson("Files", "One", "Two").pgn()
                        + lesson("Files", "Another one").pgn()
                        + game.replace("e5", "c5")
                        + lesson("Ranks", "Seventh").pgn();
        Path file = Files.writeString(files.resolve("course.pgn"), text);
        ImportReport report = read(library, file);
        assertThat(report.stored()).isEqualTo(5);
        assertThat(library.lessons().all())
                .extracting(row -> row.title() + " " + row.plies())
                .containsExactly("Ranks 1", "Files 1", "Files 2");
        assertThat(library.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(2);
        assertThat(read(library, file).stored()).isZero();
    }

    private static ImportReport read(Library into, Path file) {
        return new Importer(into, Progress.NONE, new Cancellation()).files(List.of(file));
    }

    @Test
    void a_lesson_that_an_import_was_broken_off_in_is_read_whole_the_next_time()
            throws IOException {
        String[] names = new String[120];
        for (int i = 0; i < names.length; i++) {
            names[i] = "Step " + i;
        }
        String game = "[White \"Ann\"]\n\n1. e4 *\n\n";
        String games = "";
        for (int i = 0; i < 100; i++) {
            games += game.replace("Ann", "Ann " + i);
        }
        Path file = files.resolve("course.pgn");
        Files.writeString(file, games + lesson("Long", names).pgn() + game);
        Cancellation cancellation = new Cancellation();
        int[] told = {0};
        Progress stop =
                (fraction, text) -> {
                    // While the lesson is read the count of sheets stands still.
                    told[0]++;
                    if (told[0] == 9) {
                        cancellation.cancel();
                    }
                };
        new Importer(library, stop, cancellation).files(List.of(file));
        assertThat(library.lessons().all()).isEmpty();
        read(library, file);
        assertThat(library.lessons().all())
                .singleElement()
                .satisfies(row -> assertThat(row.plies()).isEqualTo(120));
        assertThat(library.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(101);
    }

    @Test
    void lessons_in_the_bin_too_and_what_was_answered_go_along_with_everything() {
        long nora = library.students().add("nora", "Nora", 1700, "").id();
        long id = library.lessons().add(lesson("Files", "One", "Two"));
        long away = library.lessons().add(lesson("Ranks", "One", "Two", "Three"));
        putAway(BinStore.Kind.LESSON, away);
        library.lessonAnswers().add(answer("a", nora, OptionalLong.of(id)));
        library.lessonAnswers().add(answer("b", nora, OptionalLong.empty()));
        Path zip = files.resolve("everything.zip");
        new Exporter(library).write(zip);
        try (Library copy = Library.open(files.resolve("copy.zpl"))) {
            for (int i = 0; i < 2; i++) {
                assertThat(read(copy, zip).rejected()).isEmpty();
                assertThat(copy.lessons().all()).hasSize(1);
                long lesson = copy.lessons().all().get(0).id();
                assertThat(copy.lessons().load(lesson).pgn())
                        .isEqualTo(library.lessons().load(id).pgn());
                assertThat(copy.bin().all())
                        .singleElement()
                        .satisfies(e -> assertThat(e.title()).isEqualTo("Ranks"));
                long there = copy.students().all().get(0).id();
                assertThat(copy.lessonAnswers().all())
                        .containsExactly(
                                answer("a", there, OptionalLong.of(lesson)),
                                answer("b", there, OptionalLong.empty()));
            }
            copy.bin().restore(List.of(copy.bin().all().get(0).item()));
            assertThat(copy.lessons().all().get(0).plies()).isEqualTo(3);
        }
    }

    @Test
    void a_lesson_that_another_program_changed_stays_and_this_one_is_kept_beside_it() {
        Lesson known = lesson("Files", "One", "Two");
        long id = library.lessons().add(known);
        Lesson ours = known.without(0);
        assertThat(library.lessons().save(id, known, List.of(changed(ours)))).isEqualTo(id);
        library.lessons().save(id, known.named("Theirs"), SheetStep.CHANGE);
        long beside = library.lessons().save(id, ours, List.of(changed(ours.named("Ours"))));
        assertThat(beside).isNotEqualTo(id);
        assertThat(library.lessons().all())
                .extracting(SheetRow::title)
                .containsExactly("Ours", "Theirs");
    }

    private static SeriesStore.State<Lesson> changed(Lesson lesson) {
        return new SeriesStore.State<>(lesson, SheetStep.CHANGE);
    }

    @Test
    void answers_outlive_their_lesson_and_go_with_their_student() {
        long nora = library.students().add("Nora", 1700).id();
        long id = library.lessons().add(lesson("Files", "One"));
        LessonAnswer answer = answer("a", nora, OptionalLong.of(id));
        library.lessonAnswers().add(answer);
        library.lessonAnswers().add(answer);
        assertThat(library.lessonAnswers().of(nora)).containsExactly(answer);
        assertThat(library.lessonAnswers().inLesson(id)).containsExactly(answer);
        library.bin().remove(List.of(new BinStore.Item(BinStore.Kind.LESSON, id)));
        assertThat(library.lessonAnswers().of(nora))
                .containsExactly(answer("a", nora, OptionalLong.empty()));
        library.bin().remove(List.of(new BinStore.Item(BinStore.Kind.STUDENT, nora)));
        assertThat(library.lessonAnswers().all()).isEmpty();
    }

    @Test
    void a_full_disk_is_told_and_changes_nothing() throws SQLException {
        long nora = library.students().add("Nora", 1700).id();
        Lesson lesson = lesson("Files", "One", "Two");
        long id = library.lessons().add(lesson);
        fails("sheet_text", "INSERT", () -> library.lessons().add(lesson));
        fails("sheet_text", "UPDATE", () -> save(id, lesson.without(0)));
        fails("sheet_change", "INSERT", () -> save(id, lesson.without(0)));
        fails("lesson_answer", "INSERT", () -> add(nora, id));
        assertThat(library.lessons().all()).hasSize(1);
        assertThat(library.lessons().load(id).pgn()).isEqualTo(lesson.pgn());
        assertThat(library.lessonAnswers().all()).isEmpty();
    }

    private void save(long id, Lesson lesson) {
        library.lessons().save(id, lesson, SheetStep.CHANGE);
    }

    private void add(long student, long lesson) {
        library.lessonAnswers().add(answer("a", student, OptionalLong.of(lesson)));
    }
}
