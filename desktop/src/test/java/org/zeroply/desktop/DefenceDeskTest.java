package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.defence.DefenceModel;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.student.Student;

/** Drives the Defence desk, and what comes of it, in the real window. */
class DefenceDeskTest extends WindowTest {

    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";

    /** A rook attacked, and a queen to take it with. */
    private static final String TWICE = "5rk1/5ppp/8/8/6Q1/1P4P1/1PqR1P1P/6K1 w - - 0 1";

    private static final String HELD = "6k1/5ppp/8/3n4/8/8/r4PPP/3R2K1 b - - 0 1";

    @Start
    void start(Stage shown) {
        begin(shown);
        services.library().settings().put(DefenceModel.NODES, 2000L);
    }

    private void defend(FxRobot robot, String fen) throws Exception {
        robot.interact(
                () -> {
                    bench.defence().defend(Position.fromFen(fen));
                    bench.show("Defence");
                });
        until(() -> label(robot, "#defence-state").isEmpty());
    }

    private void idle() throws Exception {
        until(() -> !services.scheduler().isBusy());
    }

    private static List<Remark> findings(FxRobot robot, String id) {
        return robot.lookup(id).<ListView<Remark>>query().getItems();
    }

    private static void fire(FxRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).queryButton().fire());
    }

    @Test
    void moves_are_crossed_out_and_one_becomes_an_exercise(FxRobot robot) throws Exception {
        defend(robot, BACK_RANK);

        assertThat(label(robot, "#outcome")).contains("keep the balance");
        assertThat(label(robot, "#threat")).contains("White threatens mate");
        assertThat(label(robot, "#cover")).endsWith("Yes.");
        assertThat(move(robot, 1, "Kh8").getStyleClass()).contains("struck");
        robot.interact(
                () -> {
                    var sheet = bench.defence().session();
                    sheet.tree().root().children().stream()
                            .filter(n -> n.move().coordinates().equals("g8h8"))
                            .findFirst()
                            .ifPresent(sheet::go);
                });
        assertThat(label(robot, "#candidate-title")).contains("Kh8").contains("fails");
        assertThat(bench.defence().session().current().depth()).isEqualTo(1);

        click(robot, "#defence-set");
        until(() -> bench.frontName().equals("Exercises"));
        until(() -> bench.exercises().session().id().isPresent());
        assertThat(DefenceTask.of(bench.exercises().session().tree()))
                .contains(DefenceTask.ELIMINATION);
    }

    @ParameterizedTest
    @CsvSource({
        TWICE + ", THREAT",
        BACK_RANK + ", WAYS_OUT",
        TWICE + ", HOLD",
        BACK_RANK + ", CHEAPEST",
        "r5k1/5ppp/8/3n4/4P3/7P/5PP1/R5K1 b - - 0 1, HIT_BACK"
    })
    void every_task_becomes_an_exercise(String fen, DefenceTask task, FxRobot robot)
            throws Exception {
        services.library().settings().put(DefenceModel.NODES, 10000L);
        defend(robot, fen);
        ComboBox<DefenceTask> tasks = robot.lookup("#defence-task").queryComboBox();
        robot.interact(() -> tasks.setValue(task));
        fire(robot, "#defence-set");
        until(() -> bench.exercises().session().id().isPresent());
        assertThat(DefenceTask.of(bench.exercises().session().tree())).contains(task);
        until(() -> bench.frontName().equals("Exercises"));
    }

    @Test
    void it_can_be_stopped_and_another_position_takes_over(FxRobot robot) throws Exception {
        services.library().settings().put(DefenceModel.NODES, 2000000L);
        robot.interact(
                () -> {
                    bench.defence().defend(Position.START);
                    bench.show("Defence");
                });
        click(robot, "#defence-stop");
        assertThat(label(robot, "#defence-state")).isEmpty();
        click(robot, "#defence-here");
        assertThat(label(robot, "#defence-state")).startsWith("looking");
        services.library().settings().put(DefenceModel.NODES, 2000L);
        defend(robot, BACK_RANK);
        assertThat(label(robot, "#threat")).contains("mate");
        assertThat(bench.defence().session().tree().start().fen()).startsWith("6k1/5ppp");
    }

    @Test
    void pins_checks_and_wishes_are_answered(FxRobot robot) throws Exception {
        defend(robot, HELD);
        click(robot, "#defence-pins");
        assertThat(label(robot, "#pin-count")).isEqualTo("One pin");
        assertThat(findings(robot, "#pins"))
                .anyMatch(f -> f.text().contains("pinned to the square d8"));
        assertThat(bench.defence().overlay().getValue().marks()).isEmpty();
        robot.interact(() -> findings(robot, "#pins").get(0).go().run());
        assertThat(bench.defence().overlay().getValue().marks()).hasSize(2);

        click(robot, "#defence-checks");
        click(robot, "#checks-black");
        idle();
        until(() -> findings(robot, "#defence-answers").size() == 1);
        click(robot, "#tied");
        idle();
        until(() -> findings(robot, "#defence-answers").size() >= 2);
        press(robot, "d8");
        assertThat(findings(robot, "#defence-answers").get(0).kind()).isEqualTo("Contest of d8");

        click(robot, "#defence-wish");
        press(robot, "d5");
        assertThat(label(robot, "#wish")).contains("knight d5");
        press(robot, "e3");
        idle();
        until(() -> !label(robot, "#wish-now").startsWith("Looking"));
        assertThat(label(robot, "#wish-now")).startsWith("It ");
        assertThat(bench.defence().session().tree().start().pieceAt(35)).isPresent();
    }

    @Test
    void a_table_is_proposed_added_to_and_played_through(FxRobot robot) throws Exception {
        defend(robot, BACK_RANK);
        click(robot, "#defence-what-if");
        click(robot, "#what-if-propose");
        idle();
        until(() -> isShown(robot, "#what-if-1-0"));
        robot.interact(() -> robot.lookup("#what-if-0-0").queryButton().requestFocus());
        robot.type(KeyCode.ENTER);
        assertThat(label(robot, "#what-if-reply")).startsWith("as it is:");
        assertThat(bench.defence().session().current().depth()).isEqualTo(1);

        fire(robot, "#what-if-add");
        robot.interact(
                () -> {
                    TextField fen = robot.lookup("#set-up-fen").query();
                    fen.setText("6k1/5pp1/7p/8/8/8/r4PPP/3R2K1 b - - 0 1");
                });
        click(robot, "#set-up-accept");
        idle();
        until(
                () ->
                        robot.lookup(".what-if-name").queryAllAs(Button.class).stream()
                                .anyMatch(b -> b.getText().equals("Black's pawn h7 on h6")));
        fire(robot, "#what-if-row-0");
        fire(robot, "#what-if-exercise");
        idle();
        until(() -> bench.frontName().equals("Exercises"));
    }

    @Test
    void active_and_passive_defence_are_compared_and_a_fortress_tested(FxRobot robot)
            throws Exception {
        defend(robot, "k7/8/K7/P7/8/8/8/4B3 b - - 0 1");
        click(robot, "#defence-active");
        click(robot, "#active-go");
        idle();
        until(() -> !findings(robot, "#active").isEmpty());
        assertThat(findings(robot, "#active").get(0).kind()).isEqualTo("Passive");
        click(robot, "#fortress");
        idle();
        until(() -> label(robot, "#fortress-result").startsWith("Black: holds"));
    }

    @Test
    void a_position_is_held_on_the_board_against_the_engine(FxRobot robot) throws Exception {
        DefenceDraft draft =
                new DefenceDraft(
                        MoveEvaluators.alone(
                                new MoveEvaluator(
                                        services.marking(),
                                        services.endings().tables(),
                                        2_000,
                                        new Cancellation())));
        var hold =
                draft.draft(Position.fromFen(BACK_RANK), DefenceTask.HOLD, p -> {})
                        .flatMap(DefenceDraft.Result::tree)
                        .orElseThrow();
        services.library().sheets().add(PgnWriter.write(hold));
        services.library().students().add("Ada Tern", 1500);
        click(robot, "#desk-solve");
        ComboBox<?> exercise = robot.lookup("#solve-exercise").queryComboBox();
        until(() -> !exercise.getItems().isEmpty());
        robot.interact(() -> exercise.getSelectionModel().select(0));
        ComboBox<?> student = robot.lookup("#solve-student").queryComboBox();
        robot.interact(() -> student.getSelectionModel().select(0));
        until(() -> !robot.lookup("#begin").queryButton().isDisabled());
        click(robot, "#begin");
        until(() -> label(robot, "#hold-message").startsWith("Hold for 8 moves"));

        drag(robot, "h7", "h6");
        until(() -> label(robot, "#hold-message").startsWith("Move 1 of 8"));
        fire(robot, "#commit");
        Student who = services.library().students().all().get(0);
        until(() -> services.library().attempts().of(who.id()).size() == 1);
        assertThat(services.library().attempts().of(who.id()).get(0).marking().points())
                .isEqualTo(20);
    }
}
