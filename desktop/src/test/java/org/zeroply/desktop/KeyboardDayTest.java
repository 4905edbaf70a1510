package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.tree.Verdict;

/** A coach's quarter of an hour with the keyboard alone: no mouse is touched. */
class KeyboardDayTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private static void control(FxRobot robot, KeyCode key) {
        robot.press(KeyCode.CONTROL).type(key).release(KeyCode.CONTROL);
    }

    private Node focus(FxRobot robot) {
        Node[] owner = {null};
        robot.interact(() -> owner[0] = bench.getScene().getFocusOwner());
        return owner[0];
    }

    /** Goes on with the Tab key until something has the focus. */
    private void tabTo(FxRobot robot, String id) {
        for (int i = 0; i < 80; i++) {
            Node now = focus(robot);
            if (now != null && id.equals(now.getId())) {
                return;
            }
            robot.type(KeyCode.TAB);
        }
        throw new AssertionError(id + " cannot be reached with the Tab key");
    }

    private void command(FxRobot robot, String words) throws Exception {
        control(robot, KeyCode.K);
        until(() -> isShown(robot, "#command-filter"));
        until(() -> "command-filter".equals(focus(robot).getId()));
        robot.write(words).type(KeyCode.ENTER);
        until(() -> !isShown(robot, "#command-filter"));
    }

    @Test
    void open_walk_comment_judge_undo_set_solve_mark_and_look_at_the_student(FxRobot robot)
            throws Exception {
        importGame(robot);
        command(robot, "new student");
        until(() -> isShown(robot, "#new-student-name"));
        until(() -> "new-student-name".equals(focus(robot).getId()));
        robot.write("Nora").type(KeyCode.ENTER);
        until(() -> table(robot, "#students-table").getItems().size() == 1);

        control(robot, KeyCode.DIGIT1);
        until(() -> bench.frontName().equals("Games"));
        robot.type(KeyCode.HOME);
        for (int i = 0; i < 6; i++) {
            robot.type(KeyCode.RIGHT);
        }
        assertThat(bench.games().session().current().depth()).isEqualTo(6);
        tabTo(robot, "comment");
        robot.write("Mate is on f7").type(KeyCode.ENTER);
        assertThat(bench.games().session().current().annotation().after())
                .isEqualTo("Mate is on f7");
        control(robot, KeyCode.Z);
        control(robot, KeyCode.Z);
        until(() -> bench.games().session().current().annotation().after().isEmpty());
        robot.type(KeyCode.ESCAPE);
        assertThat(focus(robot).getId()).isEqualTo("board");

        control(robot, KeyCode.E);
        until(() -> bench.frontName().equals("Exercises"));
        until(() -> table(robot, "#exercises-table").getItems().size() == 1);
        until(
                () ->
                        robot.lookup("#scheme-title")
                                .queryTextInputControl()
                                .getText()
                                .contains("Marram"));
        robot.type(KeyCode.ESCAPE).type(KeyCode.RIGHT);
        tabTo(robot, "scheme-points");
        robot.write("10").type(KeyCode.ENTER);
        tabTo(robot, "verdict-WHITE_WINS");
        robot.type(KeyCode.SPACE);
        assertThat(bench.exercises().session().current().annotation().verdict())
                .contains(Verdict.WHITE_WINS);
        tabTo(robot, "solve");
        robot.type(KeyCode.ENTER);

        until(() -> bench.frontName().equals("Solve"));
        ComboBox<?> student = robot.lookup("#solve-student").queryComboBox();
        until(() -> !student.getItems().isEmpty());
        tabTo(robot, "solve-student");
        robot.type(KeyCode.DOWN);
        until(() -> student.getValue() != null);
        until(() -> !robot.lookup("#begin").queryButton().isDisabled());
        tabTo(robot, "begin");
        robot.type(KeyCode.ENTER);
        until(() -> isShown(robot, "#row-1"));
        until(() -> "row-1".equals(focus(robot).getId()));
        robot.write("4.Qxf7#");
        assertThat(robot.lookup("#row-1").<TextField>query().getText()).isEqualTo("4.Qxf7#");
        tabTo(robot, "commit");
        robot.type(KeyCode.ENTER);
        until(() -> isShown(robot, "#marked-points"));

        command(robot, "students attempts");
        until(() -> bench.frontName().equals("Students"));
        until(() -> table(robot, "#attempts-table").getItems().size() == 1);
    }
}
