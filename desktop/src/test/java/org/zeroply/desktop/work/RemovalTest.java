package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.BinStore.Item;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

class RemovalTest extends ModelTest {

    private final List<String> told = new ArrayList<>();
    private final UndoTrail trail = new UndoTrail();
    private Removal removal;
    private Item game;

    @BeforeEach
    void make() {
        game =
                new Item(
                        BinStore.Kind.GAME,
                        services.library().sheets().add("[White \"A\"]\n\n1. e4 *\n"));
        removal =
                new Removal(
                        services,
                        trail,
                        trail::undo,
                        items -> told.add("gone " + items.size()),
                        items -> told.add("back " + items.size()));
    }

    private int games() {
        return services.library().sheets().find(SheetQuery.all(SheetKind.GAME)).size();
    }

    @Test
    void what_is_removed_lies_in_the_bin_and_comes_back_with_one_press() throws Exception {
        run(() -> removal.remove(List.of(game), "A – B"));
        until(() -> told.contains("gone 1"));
        assertThat(games()).isZero();
        assertThat(said()).isEqualTo("Removed: A – B. The bin keeps it for 30 days.");
        undo();
        until(() -> told.contains("back 1"));
        assertThat(games()).isEqualTo(1);
        assertThat(said()).isEqualTo("It is back.");
    }

    @Test
    void what_was_taken_back_is_done_again() throws Exception {
        run(() -> removal.remove(List.of(game), "A – B"));
        until(() -> told.equals(List.of("gone 1")));
        run(trail::undo);
        until(() -> told.equals(List.of("gone 1", "back 1")));
        run(trail::redo);
        until(() -> told.equals(List.of("gone 1", "back 1", "gone 1")));
        assertThat(games()).isZero();
    }

    @Test
    void nothing_to_remove_says_and_does_nothing() {
        run(() -> removal.remove(List.of(), "nothing"));
        assertThat(said()).isEmpty();
        assertThat(told).isEmpty();
    }

    @Test
    void an_open_sheet_leaves_the_board_and_is_opened_again_when_it_comes_back() throws Exception {
        TreeSession session = new TreeSession();
        run(
                () -> {
                    session.open(
                            services.library().sheets().load(game.id()),
                            OptionalLong.of(game.id()));
                    removal =
                            Removal.ofSheets(
                                    services,
                                    session,
                                    () -> told.add("cleared"),
                                    id -> told.add("opened " + (id == game.id())),
                                    () -> told.add("listed"));
                    removal.remove(List.of(game), "A – B");
                });
        until(() -> told.equals(List.of("cleared", "listed")));
        undo();
        until(() -> told.equals(List.of("cleared", "listed", "opened true", "listed")));
    }
}
