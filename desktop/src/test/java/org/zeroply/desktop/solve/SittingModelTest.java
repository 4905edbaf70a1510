package org.zeroply.desktop.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.desktop.solve.SittingModel.Stage;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.SteppingClock;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Student;

/** A student at the desk, without the desk. */
class SittingModelTest extends ModelTest {

    private static final String FORK =
            """
            [ZpKind "calculation"]
            [ZpTitle "A fork"]
            [ZpMinutes "2"]
            [SetUp "1"]
            [FEN "4k3/5ppp/8/1q1N4/4P3/8/5PPP/6K1 w - - 0 1"]

            1. Nc7+ {[%zp.pts 5]} Kd7 2. Nxb5 $18 {[%zp.pts 5 verdict]} *
            """;

    private static final String HOLD =
            """
            [ZpKind "defence"]
            [ZpTask "hold"]
            [ZpHoldMoves "1"]
            [ZpTitle "A move to hold"]
            [SetUp "1"]
            [FEN "4r1k1/5ppp/8/8/8/8/5PPP/4R1K1 w - - 0 1"]

            1. Rxe8# {[%zp.pts 10]} *
            """;

    private final SteppingClock clock = new SteppingClock();
    private final List<String> found = new ArrayList<>();
    private SittingModel model;
    private Student nora;
    private SolveTask fork;

    @BeforeEach
    void sitDown() throws Exception {
        nora = services.library().students().add("Nora", 1500);
        fork = task(FORK);
        run(() -> model = new SittingModel(services, clock));
    }

    private SolveTask task(String pgn) {
        return new SolveTask(services.library().sheets().add(pgn), "One", Optional.empty());
    }

    private void take(SolveTask task) throws Exception {
        run(() -> model.take(Optional.of(task), Optional.of(nora), 4.4));
        at(Stage.READY);
    }

    private void at(Stage stage) throws Exception {
        until(() -> model.stageProperty().get() == stage);
    }

    private List<Attempt> log() {
        return services.library().attempts().of(nora.id());
    }

    private void begin(Optional<Duration> shown) {
        run(() -> model.begin(shown, found::add));
    }

    @Test
    void a_task_waits_with_its_position_and_what_is_expected_until_it_is_begun() throws Exception {
        run(() -> model.take(Optional.empty(), Optional.of(nora), 0));
        assertThat(model.promptProperty().get()).startsWith("Choose an exercise");
        take(fork);
        assertThat(model.promptProperty().get())
                .contains("2 minutes, 10 points, about 4 to be expected");
        assertThat(model.session().tree().nodes()).as("no more than the position").hasSize(1);
        run(() -> model.commit("1.Nc7+"));
        assertThat(model.stageProperty().get()).as("nothing to commit yet").isEqualTo(Stage.READY);
    }

    @Test
    void the_clock_tells_when_the_time_is_up_once_and_when_the_board_goes() throws Exception {
        take(fork);
        begin(Optional.of(Duration.ofSeconds(30)));
        clock.step(29);
        run(model::tick);
        assertThat(model.timeProperty().get()).isEqualTo("0:29");
        assertThat(model.hiddenProperty().get()).isFalse();
        clock.step(92);
        run(model::tick);
        run(model::tick);
        assertThat(model.timeProperty().get()).isEqualTo("2:01 (time is up)");
        assertThat(model.hiddenProperty().get()).isTrue();
        assertThat(services.messages().history())
                .filteredOn(m -> m.text().startsWith("The time is up"))
                .hasSize(1);
    }

    @Test
    void what_was_written_comes_back_to_the_same_student_only_until_it_is_committed()
            throws Exception {
        take(fork);
        begin(Optional.empty());
        run(() -> model.keep("1.Nc7+ Kd7"));
        take(fork);
        begin(Optional.empty());
        until(() -> found.equals(List.of("1.Nc7+ Kd7")));
        run(() -> model.commit("1.Nc7+ Kd7 2.Nxb5 +-"));
        at(Stage.MARKED);
        assertThat(log()).extracting(a -> a.marking().points()).containsExactly(10);
        assertThat(model.summaryProperty().get()).contains("1 exercise, 10 of 10 points");
        take(fork);
        begin(Optional.empty());
        run(() -> services.scheduler().library(() -> 1, done -> found.add("asked")));
        until(() -> found.contains("asked"));
        assertThat(found).as("the draft is used up").hasSize(2);
    }

    @Test
    void an_answer_that_could_not_be_logged_is_committed_once_more() throws Exception {
        take(fork);
        begin(Optional.empty());
        refuse("attempt");
        run(() -> model.commit("1.Nc7+ Kd7 2.Nxb5 +-"));
        at(Stage.WRITING);
        assertThat(said()).contains("Commit it once more");
        assertThat(log()).isEmpty();
        accept();
        run(() -> model.commit("1.Nc7+ Kd7 2.Nxb5 +-"));
        at(Stage.MARKED);
        assertThat(log()).extracting(a -> a.marking().points()).containsExactly(10);
    }

    @Test
    void a_game_that_could_not_be_logged_is_committed_once_more() throws Exception {
        take(task(HOLD));
        begin(Optional.empty());
        assertThat(model.stageProperty().get()).isEqualTo(Stage.HOLDING);
        run(() -> model.commit(""));
        assertThat(said()).isEqualTo("Make a move first.");
        refuse("attempt");
        run(() -> assertThat(model.session().play(Square.E1, Square.E8)).isTrue());
        until(() -> said().contains("Commit it once more"));
        assertThat(model.isPlaying()).isFalse();
        accept();
        run(() -> model.commit(""));
        at(Stage.MARKED);
        assertThat(log()).hasSize(1);
    }

    @Test
    void ticks_that_could_not_be_logged_stay_to_be_kept_again() throws Exception {
        take(fork);
        run(model::onPaper);
        assertThat(model.stageProperty().get()).isEqualTo(Stage.TICKING);
        refuse("attempt");
        run(() -> model.ticked(Set.of(0), true, 60));
        until(() -> !said().isEmpty());
        assertThat(model.stageProperty().get()).isEqualTo(Stage.TICKING);
        accept();
        run(() -> model.ticked(Set.of(0), true, 60));
        at(Stage.MARKED);
        assertThat(log()).extracting(a -> a.marking().points()).containsExactly(5);
    }

    @Test
    void what_was_assigned_is_opened_by_beginning_and_done_by_committing() throws Exception {
        var assignments = services.library().assignments();
        assignments.add(
                nora.id(),
                fork.exercise(),
                Symmetry.SAME,
                LocalDate.of(2026, 3, 1).toEpochDay(),
                5,
                "");
        Assignment given = assignments.of(nora.id()).get(0);
        take(new SolveTask(fork.exercise(), "One", Optional.of(given)));
        begin(Optional.empty());
        until(() -> assignments.of(nora.id()).get(0).state() == Assignment.State.OPENED);
        run(() -> model.commit("1.Nc7+"));
        at(Stage.MARKED);
        until(() -> assignments.of(nora.id()).get(0).state() == Assignment.State.DONE);
        assertThat(assignments.of(nora.id()).get(0).attempt()).isEqualTo(log().get(0).uuid());
    }

    @Test
    void the_next_task_is_one_that_was_not_tried_in_this_sitting() throws Exception {
        SolveTask other = task(FORK.replace("A fork", "Another"));
        List<SolveTask> all = List.of(fork, other);
        take(fork);
        begin(Optional.empty());
        run(() -> model.commit("1.Nc7+"));
        at(Stage.MARKED);
        assertThat(model.next(all)).contains(other);
        take(other);
        begin(Optional.empty());
        run(() -> model.commit("1.Nc7+"));
        at(Stage.MARKED);
        assertThat(model.next(all)).isEmpty();
        run(model::newSitting);
        assertThat(model.next(all)).as("another student").contains(fork);
    }

    @Test
    void another_task_chosen_while_one_is_read_is_the_one_that_is_laid_out() throws Exception {
        SolveTask other = task(FORK.replace("ZpMinutes \"2\"", "ZpMinutes \"7\""));
        run(
                () -> {
                    model.take(Optional.of(fork), Optional.of(nora), 0);
                    model.take(Optional.of(other), Optional.of(nora), 0);
                });
        at(Stage.READY);
        assertThat(model.promptProperty().get()).contains("7 minutes");
    }
}
