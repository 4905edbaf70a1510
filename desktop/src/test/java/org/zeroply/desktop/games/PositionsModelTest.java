package org.zeroply.desktop.games;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.index.QueryStore;
import org.zeroply.library.sheet.CollectionStore;

/** Looking for positions and keeping queries, without the page. */
class PositionsModelTest extends ModelTest {

    private GamesModel games;
    private PositionsModel model;

    @BeforeEach
    void open() {
        add("Ada", "1. e4 e5 2. Nf3 Nc6 3. Bb5");
        add("Ben", "1. e4 c5 2. Nf3 d6");
        add("Cleo", "1. d4 d5");
        run(
                () -> {
                    games = new GamesModel(services);
                    model = new PositionsModel(services, games);
                });
    }

    private void add(String white, String moves) {
        services.library().sheets().add("[White \"%s\"]\n\n%s *\n".formatted(white, moves));
    }

    private void ask(String query) throws Exception {
        run(
                () -> {
                    model.textProperty().set(query);
                    model.search();
                });
        until(() -> !model.runningProperty().get());
    }

    @Test
    void what_is_found_is_listed_and_counted_and_opens_at_its_move() throws Exception {
        ask("white knight on f3");
        assertThat(model.stateProperty().get())
                .isEqualTo("2 positions in 2 games, 3 games looked through.");
        assertThat(model.hits()).extracting(h -> h.game().white()).containsExactly("Ben", "Ada");
        run(() -> model.open(model.hits().get(1)));
        until(() -> games.session().current().depth() == 3);
        assertThat(games.session().tree().tag("White")).isEqualTo("Ada");
    }

    @Test
    void games_without_a_tag_that_is_asked_for_are_told_of() throws Exception {
        ask("eco B20");
        assertThat(model.silentProperty().get()).contains("ECO", "3 games");
        ask("white knight on f3");
        assertThat(model.silentProperty().get()).isEmpty();
    }

    @Test
    void the_clearest_come_first_where_that_is_wanted() throws Exception {
        add("Dora", "1. e4 d5 2. exd5 Qxd5 3. Nf3");
        add("Eve", "1. Nf3 Nf6");
        ask("white knight on f3");
        assertThat(model.hits())
                .extracting(h -> h.game().white())
                .containsExactly("Eve", "Dora", "Ben", "Ada");
        ask("white knight on f3; clearest first");
        assertThat(model.hits())
                .extracting(h -> h.game().white())
                .containsExactly("Dora", "Eve", "Ben", "Ada");
        assertThat(model.stateProperty().get()).startsWith("4 positions in 4 games");
    }

    @Test
    void facts_that_take_a_search_are_looked_for_where_all_else_holds() throws Exception {
        services.library()
                .sheets()
                .add(
                        "[White \"Fay\"]\n[SetUp \"1\"]\n[FEN \"6k1/5ppp/8/8/8/8/5PPP/R5K1 w - -"
                                + " 0 1\"]\n\n1. Kf1 h6 *\n");
        ask("white checks mates, white king on g1, no queens");
        assertThat(model.hits()).extracting(h -> h.game().white()).containsExactly("Fay");
        assertThat(model.stateProperty().get())
                .isEqualTo("1 position in 1 game, 4 games looked through.");
    }

    @Test
    void a_new_question_takes_the_place_of_the_one_before() throws Exception {
        ask("white knight on f3");
        ask("black pawn on d5");
        assertThat(model.hits()).hasSize(1);
        ask("white queen on h8");
        assertThat(model.hits()).isEmpty();
        assertThat(model.stateProperty().get()).isEqualTo("Nothing in 3 games.");
        ask("white to move; player Nobody");
        assertThat(model.stateProperty().get()).contains("no such game");
    }

    @Test
    void what_cannot_be_read_is_told_and_asks_nothing() throws Exception {
        ask("white rook on");
        assertThat(model.problemProperty().get()).contains("'white rook on' is no condition");
        assertThat(said()).isEqualTo(model.problemProperty().get());
        assertThat(model.stateProperty().get()).isEmpty();
        ask("white to move; collection Nowhere");
        assertThat(model.stateProperty().get()).contains("no collection named Nowhere");
    }

    @Test
    void the_question_asked_last_is_there_again_the_next_day() throws Exception {
        ask("white knight on f3");
        PositionsModel[] next = new PositionsModel[1];
        run(() -> next[0] = new PositionsModel(services, games));
        assertThat(next[0].textProperty().get()).isEqualTo("white knight on f3");
    }

    @Test
    void the_games_found_go_into_a_collection_each_once() throws Exception {
        ask("white pawn on e4; every position");
        assertThat(model.hits()).hasSizeGreaterThan(2);
        run(() -> model.collect("King's pawn"));
        until(() -> services.library().collections().named("King's pawn").isPresent());
        assertThat(services.library().collections().named("King's pawn"))
                .map(CollectionStore.Collection::sheets)
                .contains(2);
    }

    @Test
    void a_query_is_kept_and_what_it_replaced_or_what_was_forgotten_comes_back() throws Exception {
        run(() -> model.textProperty().set("white knight on f3"));
        run(() -> model.keep(" Knights "));
        until(() -> model.kept().size() == 1);
        run(() -> model.textProperty().set("black knight on c6"));
        run(() -> model.keep("Knights"));
        until(() -> query().equals(Optional.of("black knight on c6")));
        undo();
        until(() -> query().equals(Optional.of("white knight on f3")));
        run(() -> model.forget(new QueryStore.Kept("Knights", "white knight on f3")));
        until(() -> model.kept().isEmpty());
        undo();
        until(() -> query().equals(Optional.of("white knight on f3")));
    }

    private Optional<String> query() {
        return services.library().queries().named("Knights");
    }

    @Test
    void a_full_disk_keeps_no_query_and_says_so() throws Exception {
        refuse("kept_query");
        run(() -> model.textProperty().set("white knight on f3"));
        run(() -> model.keep("Knights"));
        until(() -> !said().isEmpty());
        assertThat(said()).doesNotContain("Kept");
        accept();
        assertThat(query()).isEmpty();
    }
}
