package org.zeroply.library.student;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.BinStore;

class StudentStoreTest extends StoreTest {

    private StudentStore store;

    @BeforeEach
    void take() {
        store = library.students();
    }

    @Test
    void students_are_listed_by_name_with_what_is_known_of_them() {
        Student nora = store.add("  Nora ", 1700);
        store.add("Ben", 0);
        store.save(new Student(nora.id(), nora.uuid(), "Nora T.", 1750, "likes endings"));
        reopen();
        List<Student> all = library.students().all();
        assertThat(all).extracting(Student::name).containsExactly("Ben", "Nora T.");
        assertThat(all.get(1))
                .isEqualTo(new Student(nora.id(), nora.uuid(), "Nora T.", 1750, "likes endings"));
        assertThat(all.get(0).rating()).isZero();
    }

    @Test
    void two_of_one_name_are_two_and_one_from_elsewhere_is_one() {
        store.add("Nora", 1700);
        store.add("Nora", 1700);
        assertThat(store.all()).hasSize(2);
        Student first = store.add("from-elsewhere", "Ada", 1900, "");
        Student again = store.add("from-elsewhere", "Ada again", 1000, "other words");
        assertThat(again).as("what is here already stays").isEqualTo(first);
        assertThat(store.isKnown("from-elsewhere")).isTrue();
    }

    @Test
    void a_student_in_the_bin_is_told_apart_and_comes_back_from_an_archive() {
        Student nora = store.add("Nora", 1700);
        putAway(BinStore.Kind.STUDENT, nora.id());
        assertThat(store.all()).isEmpty();
        assertThat(store.putAway()).containsOnlyKeys(nora).containsValue(NOW);
        assertThat(store.putAwayAt(nora.uuid())).contains(NOW);
        assertThat(store.isKnown(nora.uuid())).isTrue();
        assertThat(store.add(nora.uuid(), "Nora", 1700, "")).isEqualTo(nora);
        assertThat(store.all()).containsExactly(nora);
        assertThat(store.putAwayAt(nora.uuid())).isEmpty();
    }

    @Test
    void a_full_disk_is_told_and_changes_nothing() throws SQLException {
        Student nora = store.add("Nora", 1700);
        fails("student", "INSERT", () -> store.add("Ben", 1500));
        fails(
                "student",
                "UPDATE",
                () -> store.save(new Student(nora.id(), nora.uuid(), "gone", 0, "")));
        assertThat(store.all()).containsExactly(nora);
    }
}
