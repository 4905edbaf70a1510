package org.zeroply.library.student;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.BinStore;

class AttemptStoreTest extends StoreTest {

    private static final String SHEET =
            """
            {"points":5,"max":8,"items":[{"line":"1.e4","points":5,"earned":5,"why":"found"},\
            {"line":"1.d4","points":3,"earned":0,"why":"missed"}],"rows":[],"verdictRight":false}""";

    private AttemptStore store;
    private long nora;
    private long exercise;

    @BeforeEach
    void fill() {
        store = library.attempts();
        nora = library.students().add("Nora", 1700).id();
        exercise = exercise("Two rooks");
    }

    private Attempt attempt(String uuid, String began, OptionalLong of) {
        return new Attempt(
                0,
                uuid,
                nora,
                new WrittenWork(of, "Two rooks", "1. e4 *", Instant.parse(began), 95, "1.e4\n?"),
                new Marking(5, 8, false, SHEET, List.of(), false));
    }

    private long add(String uuid, String began) {
        return store.add(attempt(uuid, began, OptionalLong.of(exercise)));
    }

    @Test
    void an_attempt_is_kept_as_it_was_committed() {
        Attempt committed = attempt("one", "2026-02-01T08:00:00Z", OptionalLong.of(exercise));
        long id = store.add(committed);
        Attempt free = attempt("two", "2026-02-02T08:00:00.5Z", OptionalLong.empty());
        store.add(free);
        reopen();
        List<Attempt> all = library.attempts().all();
        assertThat(all.get(0)).isEqualTo(withId(committed, id));
        assertThat(all.get(1).work()).isEqualTo(free.work());
        assertThat(all.get(1).marking()).isEqualTo(free.marking());
    }

    private static Attempt withId(Attempt a, long id) {
        return new Attempt(id, a.uuid(), a.studentId(), a.work(), a.marking());
    }

    @Test
    void the_latest_stands_first_whatever_the_fractions_of_its_second() {
        add("early", "2026-02-01T08:00:00Z");
        add("late", "2026-02-01T08:00:01.250Z");
        add("later", "2026-02-01T08:00:01.5Z");
        assertThat(store.of(nora))
                .extracting(Attempt::uuid)
                .containsExactly("later", "late", "early");
    }

    @Test
    void the_same_attempt_comes_in_once() {
        long id = add("one", "2026-02-01T08:00:00Z");
        assertThat(add("one", "2026-03-01T08:00:00Z")).isEqualTo(id);
        assertThat(store.of(nora)).hasSize(1);
        assertThat(store.isKnown("one")).isTrue();
        assertThat(store.isKnown("two")).isFalse();
    }

    @Test
    void rulings_change_the_points_and_never_the_sheet() {
        add("one", "2026-02-01T08:00:00Z");
        Attempt before = store.of(nora).get(0);
        List<Ruling> rulings = List.of(Ruling.item(1, 2, "half an idea"));
        Attempt after = store.decide(before, rulings);
        assertThat(after.marking().points()).isEqualTo(7);
        reopen();
        Attempt kept = library.attempts().of(nora).get(0);
        assertThat(kept).isEqualTo(after);
        assertThat(kept.marking().sheet()).isEqualTo(before.marking().sheet());
        assertThat(kept.marking().ruled().points()).isEqualTo(7);
        assertThat(library.attempts().decide(kept, List.of()).marking().points()).isEqualTo(5);
    }

    @Test
    void what_is_in_the_bin_is_left_out_and_still_told_of() {
        long kept = add("kept", "2026-02-01T08:00:00Z");
        long away = add("away", "2026-02-02T08:00:00Z");
        putAway(BinStore.Kind.ATTEMPT, away);
        assertThat(store.of(nora)).extracting(Attempt::id).containsExactly(kept);
        assertThat(store.all()).hasSize(1);
        assertThat(store.isKnown("away")).isTrue();
        assertThat(store.withPutAway(nora).values())
                .containsExactly(Optional.of(NOW), Optional.empty());

        putAway(BinStore.Kind.STUDENT, nora);
        assertThat(store.all()).isEmpty();
        assertThat(store.of(nora)).isEmpty();
        assertThat(store.withPutAway(nora)).hasSize(2);
    }

    @Test
    void a_full_disk_is_told_and_changes_nothing() throws SQLException {
        add("one", "2026-02-01T08:00:00Z");
        Attempt before = store.of(nora).get(0);
        fails("attempt", "INSERT", () -> add("two", "2026-02-02T08:00:00Z"));
        fails("attempt", "UPDATE", () -> store.decide(before, List.of(Ruling.item(0, 0, "no"))));
        assertThat(store.of(nora)).containsExactly(before);
    }
}
