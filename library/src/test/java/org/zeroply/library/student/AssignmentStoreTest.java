package org.zeroply.library.student;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.BinStore;

class AssignmentStoreTest extends StoreTest {

    private static final long MONDAY = 20_515;

    private AssignmentStore store;
    private long nora;
    private long exercise;

    @BeforeEach
    void fill() {
        store = library.assignments();
        nora = library.students().add("Nora", 1700).id();
        exercise = exercise("Two rooks");
        store.add(nora, exercise, Symmetry.SAME, MONDAY, 20, "weak on back ranks");
    }

    private Assignment only() {
        return library.assignments().of(nora).get(0);
    }

    @ParameterizedTest
    @EnumSource
    void all_that_is_said_of_an_assignment_is_kept(Symmetry clothes) {
        store.remove(only().id());
        store.add(nora, exercise, clothes, MONDAY + 3, 15, "Überblick „♞“");
        reopen();
        Assignment kept = only();
        assertThat(kept.studentId()).isEqualTo(nora);
        assertThat(kept.homework().exerciseId()).isEqualTo(exercise);
        assertThat(kept.homework().title()).isEqualTo("Two rooks");
        assertThat(kept.homework().clothes()).isEqualTo(clothes);
        assertThat(kept.dueDay()).isEqualTo(MONDAY + 3);
        assertThat(kept.homework().minutes()).isEqualTo(15);
        assertThat(kept.homework().reason()).isEqualTo("Überblick „♞“");
        assertThat(kept.state()).isEqualTo(Assignment.State.ASSIGNED);
        assertThat(kept.attempt()).isEmpty();
        assertThat(kept.uuid()).isNotEmpty();
    }

    @Test
    void the_next_due_stands_first_and_may_be_put_off() {
        store.add(nora, exercise("Second"), Symmetry.SAME, MONDAY + 1, 10, "");
        store.add(nora, exercise("First"), Symmetry.SAME, MONDAY - 1, 10, "");
        assertThat(store.of(nora))
                .extracting(a -> a.homework().title())
                .containsExactly("First", "Two rooks", "Second");
        store.due(store.of(nora).get(0).id(), MONDAY + 9);
        assertThat(store.of(nora))
                .extracting(a -> a.homework().title())
                .containsExactly("Two rooks", "Second", "First");
    }

    @Test
    void a_state_goes_forward_only() {
        long id = only().id();
        store.marked(id);
        assertThat(only().state()).as("not done yet").isEqualTo(Assignment.State.ASSIGNED);
        store.opened(id);
        assertThat(only().isOpen()).isTrue();
        store.done(id, "attempt-1");
        store.opened(id);
        assertThat(only().state()).isEqualTo(Assignment.State.DONE);
        assertThat(only().attempt()).isEqualTo("attempt-1");
        assertThat(only().isOpen()).isFalse();
        store.marked(id);
        assertThat(only().state()).isEqualTo(Assignment.State.MARKED);
    }

    @Test
    void the_same_assignment_comes_in_once() {
        Assignment one = only();
        store.add(one);
        assertThat(store.of(nora)).containsExactly(one);
        store.remove(one.id());
        assertThat(store.of(nora)).isEmpty();
    }

    @Test
    void what_is_about_an_exercise_in_the_bin_waits_there() {
        putAway(BinStore.Kind.EXERCISE, exercise);
        assertThat(store.of(nora)).isEmpty();
        assertThat(store.withPutAway(nora)).hasSize(1);
        library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.EXERCISE, exercise)));
        assertThat(store.of(nora)).hasSize(1);
    }

    @Test
    void a_full_disk_is_told_and_changes_nothing() throws SQLException {
        Assignment before = only();
        fails(
                "assignment",
                "INSERT",
                () -> store.add(nora, exercise, Symmetry.SAME, MONDAY, 1, ""));
        fails("assignment", "UPDATE", () -> store.done(before.id(), "lost"));
        fails("assignment", "DELETE", () -> store.remove(before.id()));
        assertThat(store.of(nora)).containsExactly(before);
    }
}
