package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.work.ModelTest;

/** What games say of a repertoire, without the desk. */
class RepertoireGamesModelTest extends ModelTest {

    private static final String CHAPTER =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 e5 (1... c6 2. d4) 2. Nf3 Nc6 3. Bb5 *

            """;

    private final List<Long> opened = new ArrayList<>();
    private RepertoireModel repertoire;
    private RepertoireGamesModel games;

    @BeforeEach
    void open() throws Exception {
        services.library().sheets().add(CHAPTER.replaceAll(" \\{.*?\\}", ""));
        run(
                () -> {
                    repertoire = new RepertoireModel(services, Clock.systemUTC());
                    games = new RepertoireGamesModel(services, repertoire, opened::add);
                    repertoire.readAll();
                });
        until(() -> repertoire.viewProperty().get().isPresent());
    }

    private void play(String white, String black, String moves) {
        services.library()
                .sheets()
                .add(
                        """
                        [White "%s"]
                        [Black "%s"]
                        [Date "2025.03.01"]
                        [Result "1-0"]

                        %s 1-0
                        """
                                .formatted(white, black, moves));
    }

    private List<Remark> told() throws Exception {
        until(() -> !games.foundProperty().get().isEmpty());
        return games.foundProperty().get();
    }

    private List<Remark> compared(String player) throws Exception {
        run(() -> games.compare(Optional.of(player)));
        return told();
    }

    @Test
    void players_are_all_who_have_games_once_each() throws Exception {
        play("Ilse", "Jonas", "1. e4 e5");
        play("Jonas", "Ada", "1. d4 d5");
        run(games::readPlayers);
        until(() -> !games.playersProperty().get().isEmpty());
        assertThat(games.playersProperty().get()).containsExactly("Ada", "Ilse", "Jonas");
    }

    @Test
    void a_comparison_tells_who_left_first_and_where_and_what_was_forgotten_twice()
            throws Exception {
        play("Ilse", "Jonas", "1. e4 e5 2. Nf3 Nc6 3. Bc4 Nf6");
        play("Ilse", "Ada", "1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5");
        play("Ilse", "Tom", "1. e4 d5 2. exd5");
        play("Ilse", "Nora", "1. e4 c6 2. d4 d5 3. e5");
        play("Ilse", "Greta", "1. e4 e5");
        play("Jonas", "Ilse", "1. d4 d5");
        assertThat(compared("Ilse"))
                .extracting(Remark::kind, Remark::text)
                .containsExactlyInAnyOrder(
                        tuple("Forgotten", "1.e4 e5 2.Nf3 Nc6"),
                        tuple("Left by us", "Jonas, 2025.03.01: 1.e4 e5 2.Nf3 Nc6 3.Bc4 for Bb5"),
                        tuple("Left by us", "Ada, 2025.03.01: 1.e4 e5 2.Nf3 Nc6 3.Bc4 for Bb5"),
                        tuple("By them", "Tom, 2025.03.01: 1.e4 d5 has no answer here"),
                        tuple("By them", "Nora, 2025.03.01: 1.e4 c6 2.d4 d5 has no answer here"),
                        tuple("Stayed", "Greta, 2025.03.01: stayed in the repertoire"));
    }

    @Test
    void whoever_has_no_games_is_told_of_with_the_colour_that_was_looked_for() throws Exception {
        play("Jonas", "Ilse", "1. d4 d5");
        assertThat(compared("Ilse"))
                .extracting(Remark::text)
                .containsExactly("The library has no game of Ilse with White.");
        run(() -> games.prepare(Optional.of("Jonas")));
        until(() -> games.foundProperty().get().get(0).text().contains("Jonas"));
        assertThat(games.foundProperty().get().get(0).text()).contains("against our colour");
    }

    @Test
    void nobody_chosen_asks_to_choose_and_starts_no_work() {
        run(() -> games.compare(Optional.empty()));
        assertThat(said()).isEqualTo("Choose a player first.");
        assertThat(services.scheduler().isBusy()).isFalse();
    }

    @Test
    void preparing_tells_what_the_opponent_is_likely_to_play() throws Exception {
        play("Ilse", "Jonas", "1. e4 c6 2. d4 d5");
        play("Ada", "Jonas", "1. e4 c6 2. d4 d5");
        run(() -> games.prepare(Optional.of("Jonas")));
        assertThat(told())
                .anySatisfy(
                        f -> {
                            assertThat(f.kind()).isIn("Likely", "Repeat", "New to them");
                            assertThat(f.text()).contains("c6");
                        })
                .anySatisfy(f -> assertThat(f.text()).contains("None of these games is reviewed"));
    }

    @Test
    void the_position_on_the_board_must_be_in_the_repertoire_to_ask_for_orders() throws Exception {
        run(
                () -> {
                    repertoire.session().toStart();
                    repertoire.session().forward();
                    games.orders();
                });
        assertThat(told())
                .extracting(Remark::kind, Remark::text)
                .containsExactly(tuple("Order", "1.e4"));
    }
}
