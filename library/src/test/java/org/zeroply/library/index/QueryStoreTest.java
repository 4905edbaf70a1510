package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.library.StoreTest;

class QueryStoreTest extends StoreTest {

    @Test
    void a_question_is_kept_under_one_name_until_it_is_forgotten() {
        assertThat(library.queries().keep("Lifts", "white lifted a rook")).isEmpty();
        library.queries().keep("attacks", "white sacrificed a piece");
        assertThat(library.queries().keep("Lifts", "black lifted a rook"))
                .contains("white lifted a rook");
        reopen();
        assertThat(library.queries().all())
                .isEqualTo(
                        List.of(
                                new QueryStore.Kept("attacks", "white sacrificed a piece"),
                                new QueryStore.Kept("Lifts", "black lifted a rook")));
        library.queries().forget("attacks");
        assertThat(library.queries().named("attacks")).isEmpty();
        assertThat(library.queries().named("Lifts")).contains("black lifted a rook");
    }

    @Test
    void a_full_disk_leaves_the_question_as_it_was() throws SQLException {
        library.queries().keep("Lifts", "white lifted a rook");
        fails("kept_query", "UPDATE", () -> library.queries().keep("Lifts", "black lifted a rook"));
        assertThat(library.queries().named("Lifts")).contains("white lifted a rook");
    }
}
