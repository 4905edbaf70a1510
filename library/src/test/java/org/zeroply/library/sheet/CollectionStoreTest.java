package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.sql.SQLException;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.library.StoreTest;

class CollectionStoreTest extends StoreTest {

    private CollectionStore store;
    private long one;
    private long two;

    @BeforeEach
    void fill() {
        store = library.collections();
        one = add("[White \"A\"]\n\n1. e4 *\n");
        two = add("[White \"B\"]\n\n1. d4 *\n");
        store.put("Attacks", List.of(one, two));
    }

    private CollectionStore.Collection named(String name) {
        return store.named(name).orElseThrow();
    }

    @Test
    void a_name_is_one_collection_and_a_sheet_lies_in_it_once() {
        store.put(" Attacks ", List.of(two));
        store.put("Endings", List.of());
        reopen();
        store = library.collections();
        assertThat(store.all())
                .extracting(CollectionStore.Collection::name, CollectionStore.Collection::sheets)
                .containsExactly(tuple("Attacks", 2), tuple("Endings", 0));
        assertThat(store.sheets(named("Attacks").id())).containsExactly(one, two);
    }

    @Test
    void what_is_taken_out_stays_in_the_library() {
        store.take(named("Attacks").id(), List.of(one, 999L));
        assertThat(store.sheets(named("Attacks").id())).containsExactly(two);
        assertThat(library.sheets().load(one).mainLine()).hasSize(1);
    }

    @Test
    void a_taken_name_is_not_given_twice() {
        store.put("Endings", List.of(one));
        store.rename(named("Endings").id(), "Attacks");
        assertThat(store.named("Endings")).isPresent();
        store.rename(named("Endings").id(), " Pawn endings ");
        assertThat(store.named("Pawn endings")).isPresent();
        assertThat(store.named("Endings")).isEmpty();
    }

    @Test
    void what_is_dissolved_tells_what_was_in_it_the_bin_included() {
        putAway(BinStore.Kind.GAME, two);
        assertThat(store.sheets(named("Attacks").id())).containsExactly(one);
        assertThat(named("Attacks").sheets()).isEqualTo(1);
        assertThat(store.withPutAway(named("Attacks").id())).containsExactly(one, two);
        assertThat(store.dissolve(named("Attacks").id())).containsExactly(one, two);
        assertThat(store.all()).isEmpty();
    }

    @Test
    void a_full_disk_leaves_neither_a_name_nor_a_part() throws SQLException {
        fails("collected", "INSERT", () -> store.put("New", List.of(one)));
        assertThat(store.named("New")).isEmpty();
        fails("collection", "DELETE", () -> store.dissolve(named("Attacks").id()));
        assertThat(store.sheets(named("Attacks").id())).containsExactly(one, two);
    }
}
