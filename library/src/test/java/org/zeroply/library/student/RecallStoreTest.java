package org.zeroply.library.student;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.BinStore;

class RecallStoreTest extends StoreTest {

    private static final Recall SURE = new Recall("Nf3", 4, 2.36, 21, 20_540, 6, 5);
    private static final Recall NEW = new Recall("d5", 0, 2.5, 0, 20_515, 1, 0);

    private RecallStore store;
    private long nora;
    private long ben;

    @BeforeEach
    void fill() {
        store = library.recall();
        nora = library.students().add("Nora", 1700).id();
        ben = library.students().add("Ben", 1500).id();
    }

    @Test
    void each_student_has_a_memory_of_their_own_which_is_written_at_once() {
        store.keep(nora, "start", SURE);
        store.keep(nora, "after 1.d4", NEW);
        store.keep(ben, "start", NEW);
        reopen();
        assertThat(library.recall().all(nora))
                .containsEntry("start", SURE)
                .containsEntry("after 1.d4", NEW)
                .hasSize(2);
        assertThat(library.recall().all(ben)).containsOnlyKeys("start");
    }

    @Test
    void a_question_asked_again_replaces_what_was_known() {
        store.keep(nora, "start", NEW);
        store.keep(nora, "start", SURE);
        assertThat(store.all(nora)).containsOnlyKeys("start").containsValue(SURE);
    }

    @Test
    void a_school_is_chosen_changed_and_given_up() {
        assertThat(store.approach(nora)).isEmpty();
        store.choose(nora, Optional.of(Approach.QUIET));
        store.choose(nora, Optional.of(Approach.SHARP));
        reopen();
        assertThat(library.recall().approach(nora)).contains(Approach.SHARP);
        assertThat(library.recall().approach(ben)).isEmpty();
        library.recall().choose(nora, Optional.empty());
        assertThat(library.recall().approach(nora)).isEmpty();
    }

    @Test
    void what_a_student_in_the_bin_remembers_comes_back_with_them() {
        store.keep(nora, "start", SURE);
        putAway(BinStore.Kind.STUDENT, nora);
        reopen();
        library.bin().restore(library.bin().all().stream().map(BinStore.Entry::item).toList());
        assertThat(library.recall().all(nora)).containsValue(SURE);
    }

    @Test
    void a_full_disk_is_told_and_leaves_what_was_known() throws SQLException {
        store.keep(nora, "start", SURE);
        fails("recall", "INSERT", () -> store.keep(nora, "start", NEW));
        fails("student_approach", "INSERT", () -> store.choose(nora, Optional.of(Approach.SHARP)));
        assertThat(store.all(nora)).containsValue(SURE);
        assertThat(store.approach(nora)).isEmpty();
    }
}
