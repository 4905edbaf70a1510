package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.exercise.find.Appeal;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.library.StoreTest;

class FindStoreTest extends StoreTest {

    private static final String STAMP = "zeroply 2000";

    private FindStore store;
    private long game;

    @BeforeEach
    void fill() {
        store = library.finds();
        game = add("[White \"Marram, Ilse\"]\n[Black \"Quay, Jonas\"]\n\n1. e4 e5 2. Qh5 Nc6 *\n");
    }

    private static Prospect prospect(int ply, Appeal.Kind... kinds) throws NotationException {
        Position position =
                Position.fromFen("r1bqkbnr/pppp1ppp/2n5/4p2Q/4P3/8/PPPP1PPP/RNB1KBNR w KQkq - 2 3");
        Move good = San.read(position, "Bc4");
        Move bad = San.read(position, "Qxf7+");
        List<Appeal> appeals = new ArrayList<>();
        for (Appeal.Kind kind : kinds) {
            appeals.add(new Appeal(kind, "because of „" + kind + "“"));
        }
        return new Prospect(
                position,
                ply,
                List.of(good),
                List.of(bad),
                appeals,
                List.of("back rank", "fork"),
                2);
    }

    private List<Integer> plies(FindStore.State state) {
        return store.all(state).stream().map(f -> f.prospect().ply()).toList();
    }

    @Test
    void a_find_is_kept_whole_with_its_game() throws NotationException {
        Prospect prospect = prospect(5, Appeal.Kind.QUIET, Appeal.Kind.DEPTH);
        store.keep(game, STAMP, List.of(prospect));
        reopen();
        FindStore.GameFind find = library.finds().all(FindStore.State.OPEN).get(0);
        assertThat(find.prospect()).isEqualTo(prospect);
        assertThat(find.sheetId()).isEqualTo(game);
        assertThat(find.mover()).isEqualTo("Marram, Ilse");
        assertThat(find.title()).contains("Marram, Ilse").contains("Quay, Jonas").contains("3");
    }

    @Test
    void the_best_stands_first() throws NotationException {
        store.keep(
                game,
                STAMP,
                List.of(
                        prospect(1),
                        prospect(3, Appeal.Kind.SACRIFICE, Appeal.Kind.QUIET),
                        prospect(5, Appeal.Kind.QUIET)));
        assertThat(plies(FindStore.State.OPEN)).containsExactly(3, 5, 1);
    }

    @Test
    void a_search_made_again_replaces_what_is_open_and_leaves_what_the_coach_decided()
            throws NotationException {
        store.keep(game, STAMP, List.of(prospect(1), prospect(3), prospect(5)));
        store.set(store.all(FindStore.State.OPEN).get(0).id());
        putAway(BinStore.Kind.FIND, store.all(FindStore.State.OPEN).get(0).id());
        store.keep(game, STAMP, List.of(prospect(7), prospect(1, Appeal.Kind.QUIET)));
        assertThat(plies(FindStore.State.OPEN)).containsExactly(7);
        assertThat(plies(FindStore.State.SET)).containsExactly(1);
        assertThat(plies(FindStore.State.PUT_AWAY)).containsExactly(3);
    }

    @Test
    void games_wait_until_they_are_looked_through_like_this_and_again_when_they_change()
            throws NotationException {
        long other = add("1. d4 *\n");
        assertThat(store.waiting(STAMP)).containsExactly(game, other);
        store.keep(game, STAMP, List.of());
        assertThat(store.waiting(STAMP)).containsExactly(other);
        assertThat(store.waiting("zeroply 4000")).containsExactly(game, other);
        assertThat(store.searched()).isEqualTo(1);
        putAway(BinStore.Kind.GAME, other);
        assertThat(store.waiting(STAMP)).isEmpty();
    }

    @Test
    void finds_of_a_game_in_the_bin_wait_with_it() throws NotationException {
        store.keep(game, STAMP, List.of(prospect(1)));
        putAway(BinStore.Kind.GAME, game);
        assertThat(plies(FindStore.State.OPEN)).isEmpty();
        library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.GAME, game)));
        assertThat(plies(FindStore.State.OPEN)).containsExactly(1);
    }

    @Test
    void a_full_disk_keeps_what_was_found_before() throws SQLException, NotationException {
        store.keep(game, STAMP, List.of(prospect(1)));
        Prospect more = prospect(9);
        fails("find", "INSERT", () -> store.keep(game, "other", List.of(more)));
        fails("game_search", "INSERT", () -> store.keep(game, "other", List.of(more)));
        assertThat(plies(FindStore.State.OPEN)).containsExactly(1);
        assertThat(store.waiting(STAMP)).isEmpty();
    }
}
