package org.zeroply.coach.training.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.training.drill.Recall.Grade;

class EveningMemoryTest {

    private static final long TODAY = 20_000;

    private final DrillTest.Notebook book = new DrillTest.Notebook();
    private final EveningMemory memory = new EveningMemory(book, Set.of("a", "b"), TODAY);

    private Recall known() {
        return Recall.fresh("x").after(Grade.RIGHT, TODAY - 1).after(Grade.RIGHT, TODAY);
    }

    @Test
    void what_is_repeated_is_due_once_and_the_rest_as_it_was() {
        book.keep("a", known());
        book.keep("c", known());
        assertThat(memory.of("a").orElseThrow().isDue(TODAY)).isTrue();
        assertThat(memory.of("c").orElseThrow().isDue(TODAY)).isFalse();
        assertThat(memory.of("b")).isEqualTo(Optional.empty());
        memory.keep("a", memory.of("a").orElseThrow().after(Grade.RIGHT, TODAY));
        assertThat(memory.of("a").orElseThrow().isDue(TODAY)).isFalse();
    }

    @Test
    void what_is_known_before_its_day_stays_planned_and_what_is_forgotten_does_not() {
        book.keep("a", known());
        memory.keep("a", memory.of("a").orElseThrow().after(Grade.RIGHT, TODAY));
        assertThat(book.kept.get("a")).isEqualTo(known());
        book.keep("b", known());
        memory.keep("b", memory.of("b").orElseThrow().after(Grade.SHOWN, TODAY));
        assertThat(book.kept.get("b").repetitions()).isZero();
    }

    @Test
    void what_was_due_or_new_anyway_is_kept_as_answered() {
        Recall due = Recall.fresh("x").after(Grade.RIGHT, TODAY - 1);
        book.keep("a", due);
        memory.keep("a", due.after(Grade.RIGHT, TODAY));
        assertThat(book.kept.get("a").repetitions()).isEqualTo(2);
        memory.keep("b", Recall.fresh("y").after(Grade.RIGHT, TODAY));
        assertThat(book.kept.get("b").repetitions()).isEqualTo(1);
    }
}
