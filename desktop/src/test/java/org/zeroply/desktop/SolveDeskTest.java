package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.student.Attempt;

/** Drives what students do at the Solve desk in the real window. */
class SolveDeskTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
        services.library().settings().put(Services.EXERCISE_NODES, 8000L);
    }

    private void sitDown(FxRobot robot) throws Exception {
        services.library().students().add("Greta Shoal", 1500);
        services.library().sheets().add(ExercisesDeskTest.SCHEME);
        services.library().sheets().add(ExercisesDeskTest.SCHEME.replace("Two rooks", "Again"));
        click(robot, "#desk-solve");
        ComboBox<?> exercise = robot.lookup("#solve-exercise").queryComboBox();
        ComboBox<?> student = robot.lookup("#solve-student").queryComboBox();
        until(() -> exercise.getItems().size() == 2 && !student.getItems().isEmpty());
        robot.interact(
                () -> {
                    exercise.getSelectionModel().select(0);
                    student.getSelectionModel().select(0);
                });
        until(() -> ((Label) bench.lookup(".prompt")).getText().contains("12 points"));
    }

    @Test
    void work_on_paper_is_ticked_and_a_sitting_goes_on_with_the_next_exercise(FxRobot robot)
            throws Exception {
        sitDown(robot);
        click(robot, "#on-paper");
        click(robot, "#tick-0");
        assertThat(label(robot, "#self-sum")).isEqualTo("10 of 12 points");
        click(robot, "#tick-verdict");
        write(robot, "#self-minutes", "7");
        click(robot, "#self-keep");
        until(
                () ->
                        label(robot, "#sitting")
                                .equals("This sitting: 1 exercise, 10 of 12 points in 7:00"));
        Attempt attempt = services.library().attempts().all().get(0);
        assertThat(attempt.marking().byHand()).isTrue();
        assertThat(attempt.marking().verdictRight()).isTrue();
        ComboBox<?> exercise = robot.lookup("#solve-exercise").queryComboBox();
        Object before = exercise.getValue();
        click(robot, "#next-exercise");
        until(() -> exercise.getValue() != before && isShown(robot, "#on-paper"));
        click(robot, "#on-paper");
        click(robot, "#self-keep");
        until(() -> label(robot, "#sitting").contains("2 exercises, 10 of 24 points"));
        click(robot, "#next-exercise");
        until(() -> message(robot).startsWith("No exercise is left."));
    }

    @Test
    void a_position_is_hidden_after_the_chosen_time_until_the_answer_is_committed(FxRobot robot)
            throws Exception {
        sitDown(robot);
        ComboBox<?> blindfold = robot.lookup("#solve-blindfold").queryComboBox();
        robot.interact(() -> blindfold.getSelectionModel().select(1));
        click(robot, "#begin");
        assertThat(isShown(robot, "#board")).isTrue();
        until(() -> !isShown(robot, "#board"));
        write(robot, "#row-1", "1.Ra8#");
        click(robot, "#commit");
        until(() -> isShown(robot, "#marked-points") && isShown(robot, "#board"));
        assertThat(label(robot, "#marked-points")).isEqualTo("10 of 12 points");
    }

    private static void choose(FxRobot robot, String id) throws Exception {
        ComboBox<?> box = robot.lookup(id).queryComboBox();
        until(() -> !box.getItems().isEmpty());
        robot.interact(() -> box.getSelectionModel().select(0));
    }

    @Test
    void the_ladder_is_climbed_by_right_answers_and_ends_with_the_second_wrong_one(FxRobot robot)
            throws Exception {
        services.library()
                .sheets()
                .add("[ZpKind \"calculation\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bc4 Nf6 *\n\n");
        click(robot, "#desk-solve");
        click(robot, "#solve-ladder");
        choose(robot, "#ladder-line");
        click(robot, "#ladder-begin");
        until(() -> label(robot, "#ladder-moves").equals("1.e4"));
        assertThat(robot.lookup("#position-state").queryLabeled().getText())
                .isEqualTo("White to move");
        answer(robot, "h8 a1 b7");
        assertThat(label(robot, "#ladder-said")).startsWith("No. After 1.e4 it is: ");
        assertThat(label(robot, "#ladder-moves")).isEqualTo("1.e4 e5");
        answer(robot, "h8 a1 b7");
        assertThat(label(robot, "#ladder-said")).endsWith("begin again with a shorter line.");
        assertThat(robot.lookup("#ladder-answer").<TextField>query().isDisabled()).isTrue();
    }

    private static void answer(FxRobot robot, String said) throws Exception {
        robot.interact(() -> robot.lookup("#ladder-answer").<TextField>query().setText(said));
        click(robot, "#ladder-give");
    }

    @Test
    void the_coach_reveals_move_after_move_and_line_after_line(FxRobot robot) throws Exception {
        services.library().sheets().add(ExercisesDeskTest.SCHEME);
        click(robot, "#desk-solve");
        click(robot, "#solve-classroom");
        choose(robot, "#classroom-line");
        click(robot, "#lesson-begin");
        until(() -> label(robot, "#lesson-count").equals("line 1 of 3"));
        List<String> told =
                Stream.generate(
                                () -> {
                                    robot.type(KeyCode.PAGE_DOWN);
                                    return label(robot, "#lesson-moves")
                                            + " | "
                                            + label(robot, "#lesson-words");
                                })
                        .limit(5)
                        .toList();
        assertThat(told)
                .containsExactly(
                        "1.Ra8# | 10 points.",
                        "1.h3 | Tempting, but wrong.",
                        "1.h3 g6 | ",
                        "1.g3 | ",
                        "1.g3 h6 | 2 points.");
        assertThat(label(robot, "#lesson-count")).isEqualTo("line 3 of 3, all revealed");
        robot.type(KeyCode.PAGE_UP);
        robot.type(KeyCode.PAGE_UP);
        assertThat(label(robot, "#lesson-moves")).isEqualTo("1.h3 g6");
    }
}
