package org.zeroply.library.student;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.BinStore;

class LibraryResultsTest extends StoreTest {

    private static final long TODAY = 20_600;

    private Student nora;
    private Student ben;
    private long rooks;
    private int number;

    @BeforeEach
    void fill() {
        nora = library.students().add("Nora", 1800);
        ben = library.students().add("Ben", 1200);
        rooks = exercise("Two rooks");
    }

    private void tries(Student who, OptionalLong what, String when, int points, int max) {
        library.attempts()
                .add(
                        new Attempt(
                                0,
                                "attempt-" + number++,
                                who.id(),
                                new WrittenWork(what, "", "", Instant.parse(when), 60, ""),
                                new Marking(points, max, false, "{}", List.of(), false)));
    }

    private void tries(Student who, String when, int points) {
        tries(who, OptionalLong.of(rooks), when, points, 5);
    }

    private LibraryResults results() {
        return LibraryResults.of(library.sheets(), library.students(), library.attempts(), TODAY);
    }

    @Test
    void the_first_attempt_counts_whatever_was_written_down_first() {
        tries(nora, "2026-02-02T10:00:00Z", 5);
        tries(nora, "2026-02-01T10:00:00Z", 1);
        tries(ben, "2026-02-03T10:00:00Z", 3);
        assertThat(results().attemptsOf(nora.id()))
                .extracting(a -> a.marking().points())
                .containsExactly(1);
        assertThat(results().attemptsAt(rooks)).hasSize(2);
        assertThat(results().attemptsAt(rooks + 1)).isEmpty();
    }

    @Test
    void what_has_no_exercise_no_points_or_no_student_any_more_does_not_count() {
        tries(nora, OptionalLong.empty(), "2026-02-01T10:00:00Z", 5, 5);
        tries(nora, OptionalLong.of(rooks), "2026-02-01T10:00:00Z", 0, 0);
        tries(ben, "2026-02-01T10:00:00Z", 5);
        putAway(BinStore.Kind.STUDENT, ben.id());
        LibraryResults results = results();
        assertThat(results.attemptsAt(rooks)).isEmpty();
        assertThat(results.students()).containsExactly(nora);
        assertThat(results.student(nora.id()).value()).isCloseTo(1800, within(0.5));
    }

    @Test
    void who_earns_all_rises_and_what_is_solved_by_a_weaker_one_falls() {
        LibraryResults before = results();
        tries(ben, "2026-02-01T10:00:00Z", 5);
        LibraryResults after = results();
        assertThat(after.student(ben.id()).value()).isGreaterThan(before.student(ben.id()).value());
        assertThat(after.exercise(rooks).value()).isLessThan(before.exercise(rooks).value());
        assertThat(after.student(nora.id()).value()).isEqualTo(before.student(nora.id()).value());
    }

    @Test
    void a_stronger_student_is_expected_to_earn_more() {
        LibraryResults results = results();
        LibraryResults.Rated exercise = results.exercises().get(0);
        assertThat(exercise.title()).isEqualTo("Two rooks");
        assertThat(exercise.max()).isEqualTo(5);
        assertThat(results.expectedPoints(nora.id(), exercise))
                .isGreaterThan(results.expectedPoints(ben.id(), exercise))
                .isBetween(0.0, 5.0);
    }

    @Test
    void a_part_of_the_points_is_never_more_than_all() {
        tries(nora, OptionalLong.of(rooks), "2026-02-01T10:00:00Z", 7, 5);
        assertThat(LibraryResults.share(results().attemptsOf(nora.id()).get(0))).isEqualTo(1);
    }
}
