package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.BinStore.Belongings;
import org.zeroply.library.sheet.BinStore.Entry;
import org.zeroply.library.sheet.BinStore.Item;
import org.zeroply.library.sheet.BinStore.Kind;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;

class BinTest {

    private static final Instant MARCH = Instant.parse("2026-03-01T10:00:00Z");
    private static final String GAME =
            "[White \"Marram, Ilse\"]\n[Black \"Quay, Jonas\"]\n[Result \"1-0\"]\n\n1. e4 e5 1-0\n";

    @TempDir Path folder;
    private Library library;

    @BeforeEach
    void open() {
        openAt(MARCH);
    }

    private void openAt(Instant now) {
        library =
                Library.open(
                        FreshLibrary.at(folder.resolve("bin.zpl")),
                        Clock.fixed(now, ZoneOffset.UTC));
    }

    @AfterEach
    void close() {
        library.close();
    }

    private long attempt(Student student, long exercise) {
        return library.attempts()
                .add(
                        new Attempt(
                                0,
                                "attempt-" + student.id(),
                                student.id(),
                                new WrittenWork(
                                        OptionalLong.of(exercise),
                                        "Calculation 1",
                                        GAME,
                                        MARCH,
                                        60,
                                        "1.e4"),
                                new Marking(3, 10, true, "{}", List.of(), false)));
    }

    private int games() {
        return library.sheets().find(SheetQuery.all(SheetKind.GAME)).size();
    }

    @Test
    void what_is_put_away_is_out_of_the_lists_and_comes_back_as_it_was() {
        long game = library.sheets().add(GAME);
        Student nora = library.students().add("Nora", 1420);
        long attempt = attempt(nora, game);
        List<Item> all =
                List.of(
                        new Item(Kind.GAME, game),
                        new Item(Kind.ATTEMPT, attempt),
                        new Item(Kind.STUDENT, nora.id()));
        library.bin().put(all);
        assertThat(games()).isZero();
        assertThat(library.students().all()).isEmpty();
        assertThat(library.attempts().all()).isEmpty();
        assertThat(library.bin().all())
                .extracting(Entry::title)
                .containsExactlyInAnyOrder(
                        "Marram, Ilse – Quay, Jonas", "Nora", "Nora: Calculation 1");

        library.bin().restore(all);
        assertThat(library.bin().all()).isEmpty();
        assertThat(games()).isEqualTo(1);
        assertThat(library.students().all()).containsExactly(nora);
        assertThat(library.attempts().of(nora.id())).hasSize(1);
    }

    @Test
    void attempts_of_a_student_in_the_bin_are_nowhere_counted() {
        Student nora = library.students().add("Nora", 1420);
        attempt(nora, library.sheets().add(GAME));
        assertThat(library.bin().of(nora.id())).isEqualTo(new Belongings(1, 0, 0, 0));
        library.bin().put(List.of(new Item(Kind.STUDENT, nora.id())));
        assertThat(library.attempts().all()).isEmpty();
    }

    @Test
    void a_student_in_the_bin_who_comes_in_again_is_brought_back() {
        Student nora = library.students().add("Nora", 1420);
        library.bin().put(List.of(new Item(Kind.STUDENT, nora.id())));
        assertThat(library.students().add(nora.uuid(), "Nora", 1420, "")).isEqualTo(nora);
        assertThat(library.bin().all()).isEmpty();
    }

    @Test
    void after_thirty_days_it_is_gone_with_what_belongs_to_it_but_attempts_outlive_exercises() {
        long exercise = library.sheets().add(GAME);
        Student nora = library.students().add("Nora", 1420);
        Student jonas = library.students().add("Jonas", 1655);
        attempt(nora, exercise);
        attempt(jonas, exercise);
        library.reviews().queue(List.of(exercise), 1000);
        library.collections().put("Endings", List.of(exercise));
        library.bin()
                .put(List.of(new Item(Kind.GAME, exercise), new Item(Kind.STUDENT, nora.id())));
        close();

        openAt(MARCH.plus(Duration.ofDays(29)));
        assertThat(library.bin().empty()).isZero();
        close();

        openAt(MARCH.plus(Duration.ofDays(31)));
        assertThat(library.bin().empty()).isEqualTo(2);
        assertThat(library.bin().all()).isEmpty();
        assertThat(library.attempts().all())
                .singleElement()
                .satisfies(
                        a -> {
                            assertThat(a.studentId()).isEqualTo(jonas.id());
                            assertThat(a.work().exerciseId()).isEmpty();
                        });
        assertThat(library.reviews().entries()).isEmpty();
    }

    @Test
    void games_are_put_together_and_found_by_their_collection() {
        long one = library.sheets().add(GAME);
        library.sheets().add(GAME.replace("e5", "c5"));
        library.collections().put(" Endings ", List.of(one));
        var endings = library.collections().named("Endings").orElseThrow();
        assertThat(endings.sheets()).isEqualTo(1);
        SheetQuery inIt =
                new SheetQuery(SheetKind.GAME, "", "", 0, endings.id(), SheetOrder.NEWEST);
        assertThat(library.sheets().find(inIt)).extracting(r -> r.id()).containsExactly(one);

        library.collections().put("Taken", List.of());
        library.collections().rename(endings.id(), "Taken");
        assertThat(library.collections().named("Endings")).isPresent();

        library.bin().put(List.of(new Item(Kind.GAME, one)));
        assertThat(library.collections().named("Endings").orElseThrow().sheets()).isZero();
        library.bin().restore(List.of(new Item(Kind.GAME, one)));
        assertThat(library.collections().dissolve(endings.id())).containsExactly(one);
        assertThat(games()).isEqualTo(2);
    }

    @Test
    void a_name_is_written_alike_in_all_games_and_each_change_can_be_taken_back() {
        long one = library.sheets().add(GAME);
        long other = library.sheets().add(GAME.replace("Marram, Ilse", "Ilse Marram"));
        assertThat(library.sheets().players())
                .containsEntry("Ilse Marram", 1)
                .containsEntry("Quay, Jonas", 2);
        assertThat(library.sheets().rename("Marram, Ilse", "Ilse Marram")).containsExactly(one);
        assertThat(library.sheets().players()).containsEntry("Ilse Marram", 2).hasSize(2);
        assertThat(library.sheets().earlier(one).orElseThrow().tag("White"))
                .isEqualTo("Marram, Ilse");
        assertThat(library.sheets().earlier(other)).isEmpty();
    }
}
