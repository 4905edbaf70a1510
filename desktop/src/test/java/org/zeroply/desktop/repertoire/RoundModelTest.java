package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.student.Student;

/** Preparing a round and learning from its game, without the desk. */
class RoundModelTest extends ModelTest {

    private static final String CHAPTER =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 e5 (1... c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4) 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 *
            """;

    private static final String BLACK =
            "[Event \"Against 1.d4\"]\n[ZpSide \"black\"]\n\n1. d4 d5 2. c4 e6 3. Nc3 Nf6 *\n";

    private final List<Long> opened = new ArrayList<>();
    private Student ann;
    private long id;
    private TournamentsModel tournaments;
    private RepertoireModel repertoire;
    private DrillModel drill;
    private RoundModel round;

    @BeforeEach
    void open() throws Exception {
        ann = services.library().students().add("Ann Ek", 2105);
        services.library().sheets().add(CHAPTER);
        services.library().sheets().add(BLACK);
        game("Di Oy", "Bo Lind", "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6");
        game("Ed Pym", "Lind, Bo", "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6");
        id =
                services.library()
                        .tournaments()
                        .add(
                                new Tournament(
                                        "Cup",
                                        List.of(
                                                pairing(1, "Ann Ek", "Bo Lind"),
                                                pairing(2, "Cy Moe", "Ann Ek"))));
        run(
                () -> {
                    services.reviews().setNodes(2_000);
                    repertoire = new RepertoireModel(services, Clock.systemUTC());
                    drill = new DrillModel(repertoire, Clock.systemUTC(), new Random(1));
                    tournaments = new TournamentsModel(services);
                    round = new RoundModel(services, tournaments, repertoire, drill, opened::add);
                    repertoire.readAll();
                    tournaments.reload();
                });
        until(() -> repertoire.viewProperty().get().isPresent());
        until(() -> tournaments.chosen().isPresent());
    }

    private static Pairing pairing(int round, String white, String black) {
        return Pairing.of(round, 0, new Entrant(white, 0), new Entrant(black, 0))
                .with("Date", "2026.03.0" + round);
    }

    private void game(String white, String black, String moves) {
        services.library()
                .sheets()
                .add(
                        "[White \"%s\"]\n[Black \"%s\"]\n[Date \"2026.01.05\"]\n[Result \"1-0\"]\n\n%s 1-0\n"
                                .formatted(white, black, moves));
    }

    private List<Remark> told() throws Exception {
        until(() -> !round.toldProperty().get().isEmpty());
        return round.toldProperty().get();
    }

    private static List<String> words(List<Remark> remarks, String kind) {
        return remarks.stream().filter(r -> r.kind().equals(kind)).map(Remark::text).toList();
    }

    private List<Remark> ahead() throws Exception {
        run(round::prepare);
        return told();
    }

    private void bring(String pgn) throws Exception {
        run(() -> round.bring(PgnReader.readAll(pgn)));
        until(() -> round.gameProperty().get().isPresent());
    }

    private Remark.Step step(String kind) throws Exception {
        return told().stream()
                .filter(r -> r.kind().equals(kind))
                .findFirst()
                .flatMap(Remark::step)
                .orElseThrow();
    }

    private Pairing kept() {
        return services.library().tournaments().load(id).of("Ann Ek", 1).orElseThrow();
    }

    @Test
    void a_round_is_prepared_and_its_positions_are_shown_on_the_board() throws Exception {
        List<Remark> remarks = ahead();
        assertThat(words(remarks, "Opponent").get(0)).contains("Bo Lind", "2 games with Black");
        assertThat(words(remarks, "Repeat").get(0)).isEqualTo("1.e4 c5 2.Nf3 d6 3.d4 cxd4 4.Nxd4");
        assertThat(words(remarks, "Likely")).isNotEmpty();
        assertThat(words(remarks, "Plays")).hasSize(1);
        assertThat(words(remarks, "Their game"))
                .hasSize(2)
                .allSatisfy(g -> assertThat(g).contains("Lind", "1-0", "Sicilian"));
        run(step("Their game").action());
        assertThat(opened).hasSize(1);
        assertThat(round.brief()).isPresent();
        Remark first =
                remarks.stream().filter(r -> r.kind().equals("Repeat")).findFirst().orElseThrow();
        run(first.go());
        until(() -> repertoire.session().current().depth() == 6);
        run(() -> tournaments.changeChosen(p -> p.with(Pairing.NOTE, "Patience.")));
        assertThat(round.brief().orElseThrow().pairing().note()).isEqualTo("Patience.");
        run(() -> tournaments.look(Optional.of("Bo Lind")));
        assertThat(round.toldProperty().get()).as("for the other side").isEmpty();
        assertThat(round.brief()).isEmpty();
    }

    @Test
    void positions_of_the_other_colour_come_on_the_board_too() throws Exception {
        run(() -> tournaments.choose(1));
        List<Remark> remarks = ahead();
        assertThat(words(remarks, "Opponent").get(0)).contains("no game of theirs with White");
        Remark likely =
                remarks.stream().filter(r -> r.kind().equals("Likely")).findFirst().orElseThrow();
        run(likely.go());
        until(() -> repertoire.session().tree().tag("Event").equals("Against 1.d4"));
        until(() -> repertoire.session().current().depth() > 0);
    }

    @Test
    void what_is_to_be_repeated_is_asked_at_once_even_if_it_is_not_due() throws Exception {
        run(() -> round.repeat(() -> {}));
        assertThat(said()).contains("Prepare the round first");
        ahead();
        run(() -> round.repeat(() -> opened.add(0L)));
        until(drill::isRunning);
        until(drill::awaitsMove);
        assertThat(opened).as("the page of drills was turned to").containsExactly(0L);
        assertThat(repertoire.studentProperty().get()).contains(ann);
    }

    @Test
    void the_game_is_brought_in_with_its_result_and_what_it_lacked_goes_into_the_chapter()
            throws Exception {
        bring("1. e4 c5 2. Nf3 e6 3. d4 cxd4 4. Nxd4 a6 1/2-1/2\n");
        until(() -> kept().isOver());
        assertThat(kept().result()).isEqualTo("1/2-1/2");
        assertThat(words(told(), "Repertoire").get(0)).contains("They left it", "2.Nf3 e6");
        until(() -> !words(round.toldProperty().get(), "To add").isEmpty());
        run(step("To add").action());
        until(() -> PgnWriter.write(repertoire.session().tree()).contains("e6"));
        run(tournaments::undo);
        until(() -> !PgnWriter.write(repertoire.session().tree()).contains("e6"));
        run(tournaments::redo);
        until(() -> PgnWriter.write(repertoire.session().tree()).contains("e6"));
    }

    @Test
    void what_a_game_with_the_other_colour_lacked_goes_into_the_chapter_of_that_colour()
            throws Exception {
        run(() -> tournaments.choose(1));
        bring("1. d4 d5 2. c4 e6 3. Nf3 Nf6 4. g3 Be7 1-0\n");
        until(() -> !words(round.toldProperty().get(), "To add").isEmpty());
        assertThat(repertoire.session().tree().tag("Event")).isEqualTo("Open games");
        run(step("To add").action());
        until(() -> repertoire.session().tree().tag("Event").equals("Against 1.d4"));
        until(() -> PgnWriter.write(repertoire.session().tree()).contains("3. Nf3"));
    }

    @Test
    void a_game_of_other_players_or_more_than_one_is_refused() throws Exception {
        run(
                () ->
                        round.bring(
                                PgnReader.readAll(
                                        "[White \"Cy Moe\"]\n[Black \"Bo Lind\"]\n\n1. e4 *")));
        assertThat(said()).contains("White is Cy Moe");
        run(() -> round.bring(PgnReader.readAll("1. e4 *\n\n1. d4 *")));
        assertThat(said()).contains("2 games may be this one");
        run(() -> round.bring(List.of()));
        assertThat(said()).contains("no game");
        assertThat(services.library().sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(2);
        String both =
                "[White \"Cy Moe\"]\n[Black \"Bo Lind\"]\n\n1. e4 *\n\n[White \"Ek, Ann\"]\n[Black"
                        + " \"Lind, Bo\"]\n\n1. e4 e5 1-0\n";
        bring(both);
        assertThat(services.library().sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(3);
        run(tournaments::undo);
        run(tournaments::undo);
        until(() -> services.library().sheets().find(SheetQuery.all(SheetKind.GAME)).size() == 2);
        until(() -> round.gameProperty().get().isEmpty());
    }

    @Test
    void a_forgotten_move_is_asked_again_today_and_that_can_be_taken_back() throws Exception {
        bring("1. e4 e5 2. f4 exf4 3. Bc4 0-1\n");
        until(() -> !words(round.toldProperty().get(), "Forgotten").isEmpty());
        run(step("Forgotten").action());
        until(() -> !services.library().recall().all(ann.id()).isEmpty());
        long due = services.library().recall().all(ann.id()).values().iterator().next().dueDay();
        assertThat(due).isEqualTo(repertoire.today());
        until(() -> said().contains("is asked this again today"));
        run(tournaments::undo);
        until(
                () ->
                        services.library()
                                        .recall()
                                        .all(ann.id())
                                        .values()
                                        .iterator()
                                        .next()
                                        .dueDay()
                                != due);
    }

    @Test
    void a_moment_of_the_review_becomes_homework_for_tomorrow() throws Exception {
        bring("1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ng1 axb5 0-1\n");
        until(() -> !words(round.toldProperty().get(), "Moment").isEmpty());
        run(step("Moment").action());
        until(() -> !services.library().assignments().of(ann.id()).isEmpty());
        assertThat(services.library().assignments().of(ann.id()))
                .singleElement()
                .satisfies(
                        a -> {
                            assertThat(a.dueDay()).isEqualTo(repertoire.today() + 1);
                            assertThat(a.homework().reason()).contains("Ann Ek – Bo Lind");
                        });
        until(() -> said().contains("Homework of Ann Ek"));
        run(tournaments::undo);
        until(() -> services.library().assignments().of(ann.id()).isEmpty());
    }

    @Test
    void for_whom_is_asked_where_nobody_is_chosen() {
        run(() -> tournaments.look(Optional.empty()));
        run(round::prepare);
        assertThat(said()).contains("for whom");
        run(round::learn);
        assertThat(said()).contains("for whom");
        run(() -> tournaments.look(Optional.of("Ann Ek")));
        run(round::learn);
        assertThat(said()).contains("not in the library yet");
    }
}
