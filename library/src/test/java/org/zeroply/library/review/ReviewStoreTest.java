package org.zeroply.library.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.library.StoreTest;
import org.zeroply.library.review.ReviewStore.Decision;
import org.zeroply.library.review.ReviewStore.Note;
import org.zeroply.library.review.ReviewStore.State;
import org.zeroply.library.sheet.BinStore;

class ReviewStoreTest extends StoreTest {

    private ReviewStore store;
    private long one;
    private long two;

    @BeforeEach
    void fill() {
        store = library.reviews();
        one = add("[White \"A\"]\n[Black \"B\"]\n[Result \"1-0\"]\n\n1. e4 e5 1-0\n");
        two = add("[White \"C\"]\n\n1. d4 *\n");
    }

    private List<State> states() {
        return store.entries().stream().map(ReviewStore.Entry::state).toList();
    }

    @Test
    void games_stand_in_the_order_in_which_they_came_with_what_is_known_of_them() {
        store.queue(List.of(two, one), 5_000);
        reopen();
        List<ReviewStore.Entry> entries = library.reviews().entries();
        assertThat(entries).extracting(ReviewStore.Entry::sheetId).containsExactly(two, one);
        ReviewStore.Entry entry = entries.get(1);
        assertThat(entry.heading().white()).isEqualTo("A");
        assertThat(entry.heading().result()).isEqualTo("1-0");
        assertThat(entry.plies()).isEqualTo(2);
        assertThat(entry.nodes()).isEqualTo(5_000);
        assertThat(entry.summary().whiteLoss()).isEmpty();
    }

    @Test
    void what_failed_is_tried_again_when_asked_and_what_was_withdrawn_is_not() {
        store.queue(List.of(one, two), 5_000);
        store.failed(one, 5_000, "it stumbled");
        assertThat(states()).containsExactly(State.FAILED, State.WAITING);
        assertThat(store.entries().get(0).problem()).isEqualTo("it stumbled");
        store.queue(List.of(one), 5_000);
        assertThat(states()).containsOnly(State.WAITING);
        store.withdraw(List.of(two));
        assertThat(store.entries()).hasSize(1);
    }

    @Test
    void a_game_in_the_bin_waits_there() {
        store.queue(List.of(one, two), 5_000);
        putAway(BinStore.Kind.GAME, one);
        assertThat(store.entries()).hasSize(1);
        library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.GAME, one)));
        assertThat(store.entries()).hasSize(2);
    }

    @Test
    void the_coachs_words_on_a_moment_are_kept_and_replaced_one_by_one() {
        Note kept = new Note(12, Decision.KEPT, "Überlege zuerst … ♞");
        Note dismissed = new Note(3, Decision.DISMISSED, "");
        store.note(one, kept);
        store.note(one, dismissed);
        store.note(one, new Note(12, Decision.OPEN, ""));
        store.note(one, kept);
        reopen();
        assertThat(library.reviews().notes(one)).containsExactly(dismissed, kept);
        assertThat(library.reviews().notes(two)).isEmpty();
        assertThat(library.reviews().notedSheets()).containsExactly(one);
    }

    @Test
    void a_full_disk_is_told_and_changes_nothing() throws SQLException {
        store.queue(List.of(one), 5_000);
        store.note(one, new Note(3, Decision.KEPT, "words"));
        fails("review", "INSERT", () -> store.queue(List.of(one, two), 9_000));
        fails("review", "UPDATE", () -> store.failed(one, 5_000, "lost"));
        fails("review", "DELETE", () -> store.withdraw(List.of(one)));
        fails("moment_note", "INSERT", () -> store.note(one, new Note(4, Decision.KEPT, "new")));
        assertThat(states()).containsExactly(State.WAITING);
        assertThat(store.notes(one)).containsExactly(new Note(3, Decision.KEPT, "words"));
    }
}
