package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStep;

/** Tournaments, without the desk. */
class TournamentsModelTest extends ModelTest {

    private TournamentsModel model;
    private long id;

    static Tournament cup() {
        return new Tournament(
                "Cup",
                List.of(
                        pairing(1, "Ann Ek", "Bo Lind").with("1-0"),
                        pairing(1, "Cy Moe", "Di Oy"),
                        pairing(2, "Di Oy", "Ann Ek"),
                        pairing(3, "Ann Ek", "Cy Moe")));
    }

    private static Pairing pairing(int round, String white, String black) {
        return Pairing.of(round, 0, new Entrant(white, 0), new Entrant(black, 0));
    }

    @BeforeEach
    void open() throws Exception {
        services.library().students().add("Ek, Ann", 2105);
        id = services.library().tournaments().add(cup());
        run(
                () -> {
                    model = new TournamentsModel(services);
                    model.reload();
                });
        until(() -> model.tournament().isPresent());
    }

    private Tournament kept() {
        return services.library().tournaments().load(id);
    }

    private void saved() throws Exception {
        run(model::flush);
        until(() -> kept().pgn().equals(model.tournament().orElseThrow().pgn()));
    }

    private List<String> rows() {
        return model.rows().stream()
                .map(r -> r.pairing().round() + " " + r.pairing().words())
                .toList();
    }

    private String chosen() {
        return model.chosen().map(r -> r.pairing().words()).orElse("");
    }

    @Test
    void the_student_who_plays_is_looked_at_and_the_next_round_is_chosen() {
        assertThat(model.player()).contains("Ann Ek");
        assertThat(rows())
                .containsExactly("1 Ann Ek – Bo Lind", "2 Di Oy – Ann Ek", "3 Ann Ek – Cy Moe");
        assertThat(chosen()).isEqualTo("Di Oy – Ann Ek");
        assertThat(model.side()).contains(Side.BLACK);
        assertThat(model.players()).startsWith("Ann Ek").hasSize(4);
        run(() -> model.look(Optional.empty()));
        assertThat(rows()).hasSize(4);
        assertThat(model.side()).isEmpty();
        run(() -> model.look(Optional.of("Cy Moe")));
        assertThat(chosen()).isEqualTo("Cy Moe – Di Oy");
    }

    @Test
    void a_result_and_words_are_kept_and_every_change_is_taken_back() throws Exception {
        run(
                () -> {
                    model.changeChosen(p -> p.with("0-1"));
                    model.changeChosen(p -> p.with(Pairing.NOTE, "Be patient."));
                    model.rename("Open");
                });
        assertThat(chosen()).as("the round stays chosen").isEqualTo("Di Oy – Ann Ek");
        saved();
        assertThat(kept().title()).isEqualTo("Open");
        assertThat(kept().of("Ann Ek", 2).orElseThrow().note()).isEqualTo("Be patient.");
        run(model::undo);
        run(model::undo);
        run(model::undo);
        until(() -> kept().says(cup()));
        assertThat(chosen()).isEqualTo("Di Oy – Ann Ek");
        run(model::redo);
        until(() -> kept().of("Ann Ek", 2).orElseThrow().isOver());
    }

    @Test
    void a_pairing_is_typed_for_the_next_round_and_taken_out_again() throws Exception {
        assertThat(model.nextRound()).isEqualTo(4);
        run(() -> assertThat(model.type("Ann Ek – Bo Lind 0-1")).isEmpty());
        assertThat(chosen()).isEqualTo("Ann Ek – Bo Lind");
        assertThat(model.chosen().orElseThrow().pairing().round()).isEqualTo(4);
        saved();
        assertThat(kept().size()).isEqualTo(5);
        run(() -> assertThat(model.type("nobody at all").orElseThrow()).contains("Type it as"));
        assertThat(model.tournament().orElseThrow().size()).isEqualTo(5);
        run(model::takeOut);
        saved();
        assertThat(kept().says(cup())).isTrue();
        assertThat(said()).contains("taken out");
    }

    @Test
    void the_last_pairing_stays() throws Exception {
        long single =
                services.library()
                        .tournaments()
                        .add(new Tournament("Match", List.of(pairing(1, "Ann Ek", "Bo Lind"))));
        run(() -> model.open(single));
        until(() -> model.tournament().orElseThrow().title().equals("Match"));
        run(model::takeOut);
        assertThat(model.tournament().orElseThrow().size()).isEqualTo(1);
        assertThat(said()).contains("at least one pairing");
    }

    @Test
    void a_table_completes_the_open_one_or_makes_another_and_tells_what_it_could_not_read()
            throws Exception {
        String text = "Round 1\nCy Moe – Di Oy 1-0\nAnn Ek – Bo Lind 0-1\nnot a pairing";
        run(() -> model.bring(model.read(text), Optional.empty()));
        saved();
        assertThat(kept().size()).isEqualTo(4);
        assertThat(kept().of("Cy Moe", 1).orElseThrow().result()).isEqualTo("1-0");
        assertThat(kept().of("Ann Ek", 1).orElseThrow().result()).as("stays").isEqualTo("1-0");
        assertThat(said()).contains("1 completed", "1 line not read", "1-0 stays");
        run(() -> model.bring(model.read(text), Optional.of("Autumn")));
        until(() -> model.tournament().orElseThrow().title().equals("Autumn"));
        assertThat(model.tournament().orElseThrow().size()).isEqualTo(2);
        run(model::undo);
        until(() -> services.library().tournaments().all().size() == 1);
    }

    @Test
    void a_tournament_that_is_removed_comes_back_and_is_open_again() throws Exception {
        run(model::remove);
        until(() -> services.library().tournaments().all().isEmpty());
        until(() -> model.tournament().isEmpty());
        assertThat(rows()).isEmpty();
        assertThat(chosen()).isEmpty();
        undo();
        until(() -> model.tournament().isPresent());
        assertThat(services.library().tournaments().all()).hasSize(1);
    }

    @Test
    void what_another_program_wrote_is_shown_and_what_is_not_saved_is_kept_beside_it()
            throws Exception {
        services.library().tournaments().save(id, cup().named("Theirs"), SheetStep.CHANGE);
        run(
                () -> {
                    model.changeChosen(p -> p.with("1-0"));
                    model.flush();
                });
        until(() -> services.library().tournaments().all().size() == 2);
        assertThat(services.library().tournaments().all())
                .extracting(SheetRow::title)
                .containsExactlyInAnyOrder("Cup", "Theirs");
        until(() -> said().contains("Another program has changed this tournament"));
    }

    @Test
    void what_a_full_disk_refuses_waits_and_is_written_later() throws Exception {
        refuse("sheet_change");
        run(
                () -> {
                    model.changeChosen(p -> p.with("1-0"));
                    model.flush();
                });
        until(() -> !services.saves().problemProperty().get().isEmpty());
        assertThat(kept().says(cup())).isTrue();
        accept();
        saved();
    }
}
