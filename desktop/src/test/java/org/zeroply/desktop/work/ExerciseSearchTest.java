package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.WatchedEngine;
import org.zeroply.coach.exercise.find.Wishes;
import org.zeroply.engine.endings.Endings;

/** The search for positions worth setting: what it does when games, engine or library fail. */
class ExerciseSearchTest extends ModelTest {

    private static final String GAME =
            """
            [White "%s"]
            [Black "B"]

            1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. c3 Nf6 5. d3 d6 6. O-O O-O 7. Re1 a6
            8. Bb3 Ba7 9. h3 h6 10. Nbd2 Re8 11. Nf1 Be6 *
            """;

    private ExerciseSearch search;

    private void begin(String... games) {
        for (String game : games) {
            services.library().sheets().add(game);
        }
        services.library().settings().put(ExerciseSearch.NODES, 400L);
        search =
                new ExerciseSearch(
                        services.library(),
                        WatchedEngine.stumbling(
                                new SharedEngine(8), fen -> fen.matches("([^/]+/){4}P.*")),
                        Endings.NONE,
                        services.scheduler());
    }

    @AfterEach
    void end() {
        search.close();
    }

    private int searched() {
        return services.library().finds().searched();
    }

    @Test
    void a_game_that_cannot_be_looked_through_does_not_end_the_search_of_the_others()
            throws Exception {
        begin(
                GAME.formatted("A"),
                GAME.formatted("C").replace("9. h3", "9. a4"),
                GAME.formatted("D"));
        run(() -> search.start(Wishes.ANY));
        until(() -> !search.runningProperty().get());
        until(() -> searched() == 2);
        until(() -> search.stateProperty().get().equals("1 game to go."));
    }

    @Test
    void a_search_that_is_paused_goes_on_with_what_is_left() throws Exception {
        begin(GAME.formatted("A"), GAME.formatted("D"));
        run(
                () -> {
                    search.start(Wishes.ANY);
                    search.pause();
                });
        until(() -> !search.runningProperty().get());
        run(() -> search.start(Wishes.ANY));
        until(() -> search.stateProperty().get().equals("All games have been looked through."));
        assertThat(searched()).isEqualTo(2);
    }

    @Test
    void only_games_that_may_have_what_is_wished_for_are_looked_through() throws Exception {
        begin(GAME.formatted("Marram, Ilse"), GAME.formatted("Quay, Jonas"));
        Wishes marram =
                new Wishes(
                        "marram",
                        Wishes.ANY.side(),
                        "",
                        Wishes.ANY.ratings(),
                        "",
                        1,
                        Wishes.ANY.phase());
        run(() -> search.start(marram));
        until(() -> !search.runningProperty().get());
        until(() -> searched() == 1);
    }

    @Test
    void a_library_that_cannot_be_written_is_told_and_what_was_not_kept_is_looked_at_again()
            throws Exception {
        begin(GAME.formatted("A"));
        refuse("game_search");
        run(() -> search.start(Wishes.ANY));
        until(() -> !search.runningProperty().get());
        assertThat(searched()).isZero();
        accept();
        run(() -> search.start(Wishes.ANY));
        until(() -> searched() == 1);
    }
}
