package org.zeroply.desktop.games;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.SheetRow;

/** The list of games and the coach's own collections, without the desk. */
class GamesModelTest extends ModelTest {

    private final List<SheetRow> rows = new ArrayList<>();
    private GamesModel model;

    @BeforeEach
    void open() throws Exception {
        for (String white : List.of("Ada", "Ben", "Cleo")) {
            services.library()
                    .sheets()
                    .add("[White \"%s\"]\n[Result \"1-0\"]\n\n1. e4 1-0\n".formatted(white));
        }
        run(
                () -> {
                    model = new GamesModel(services);
                    model.onRows(
                            now -> {
                                rows.clear();
                                rows.addAll(now.first());
                            });
                    model.reload();
                });
        until(() -> rows.size() == 3);
    }

    private List<String> collections() {
        return model.collections().all().stream().map(c -> c.name() + " " + c.sheets()).toList();
    }

    private void collect(String name, int... places) throws Exception {
        List<SheetRow> chosen = new ArrayList<>();
        for (int place : places) {
            chosen.add(rows.get(place));
        }
        run(() -> model.collections().put(name, chosen));
        until(() -> collections().stream().anyMatch(c -> c.startsWith(name + " ")));
    }

    private void lookAt(String name) throws Exception {
        Optional<CollectionStore.Collection> wanted =
                model.collections().all().stream().filter(c -> c.name().equals(name)).findFirst();
        assertThat(wanted).isPresent();
        run(() -> model.collections().shownProperty().set(wanted));
        until(() -> rows.size() == wanted.get().sheets());
    }

    @Test
    void a_collection_shows_its_games_until_the_filter_is_cleared() throws Exception {
        collect("Endings", 0, 2);
        lookAt("Endings");
        assertThat(model.isFiltered()).isTrue();
        run(model::clearFilters);
        until(() -> rows.size() == 3);
        assertThat(model.isFiltered()).isFalse();
    }

    @Test
    void a_collection_is_renamed_and_keeps_its_games_and_stays_in_sight() throws Exception {
        collect("Endings", 0, 2);
        lookAt("Endings");
        run(() -> model.collections().rename("  Rook endings "));
        until(() -> collections().equals(List.of("Rook endings 2")));
        assertThat(rows).hasSize(2);
        assertThat(said()).isEqualTo("Endings is called Rook endings now.");
    }

    @Test
    void a_name_that_another_collection_has_is_not_taken() throws Exception {
        collect("Endings", 0, 2);
        collect("Openings", 1);
        lookAt("Openings");
        assertThat(model.collections().againstName("endings "))
                .contains("There is a collection Endings already.");
        assertThat(model.collections().againstName("Openings")).as("its own").isEmpty();
        run(
                () -> {
                    model.collections().rename("Endings");
                    model.collections().rename(" ");
                });
        assertThat(collections()).containsExactlyInAnyOrder("Endings 2", "Openings 1");
    }

    @Test
    void a_collection_given_up_leaves_its_games_and_can_be_brought_back() throws Exception {
        collect("Endings", 0, 2);
        lookAt("Endings");
        run(() -> model.collections().dissolve());
        until(() -> collections().isEmpty() && rows.size() == 3);
        undo();
        until(() -> collections().equals(List.of("Endings 2")));
    }

    @Test
    void a_game_taken_out_stays_in_the_library() throws Exception {
        collect("Endings", 0, 2);
        lookAt("Endings");
        run(() -> model.collections().takeOut(List.of(rows.get(0))));
        until(() -> rows.size() == 1);
        run(model::clearFilters);
        until(() -> rows.size() == 3);
    }

    @Test
    void an_exercise_out_of_a_game_tells_who_played() throws Exception {
        AtomicLong exercise = new AtomicLong();
        run(() -> model.open(rows.get(0).id()));
        until(() -> model.title().isPresent());
        run(() -> model.setAsExercise(exercise::set));
        until(() -> exercise.get() > 0);

        MoveTree made = services.library().sheets().load(exercise.get());
        assertThat(made.tag("White")).isNotEmpty().isEqualTo(model.session().tree().tag("White"));
        assertThat(made.tag("Date")).isEqualTo(model.session().tree().tag("Date"));
    }
}
