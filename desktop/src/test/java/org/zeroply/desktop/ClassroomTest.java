package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.desktop.board.BoardView;

/** A position shown to a whole room, over this window and in one of its own. */
class ClassroomTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private List<String> rows(FxRobot robot) {
        return robot.lookup("#classroom .room-row").queryAll().stream()
                .map(n -> words((TextFlow) n))
                .toList();
    }

    private static String words(TextFlow row) {
        return row.getChildren().stream()
                .map(t -> ((Text) t).getText())
                .reduce("", (a, b) -> a + b)
                .strip();
    }

    @Test
    void a_game_is_shown_from_the_move_on_the_board_and_revealed_by_key_clicker_and_space(
            FxRobot robot) throws Exception {
        importGame(robot);
        clickMove(robot, 4, "Nc6");
        robot.type(KeyCode.F6);
        until(() -> isShown(robot, "#classroom-board"));
        assertThat(label(robot, "#classroom-prompt"))
                .isEqualTo("Marram, Ilse – Quay, Jonas. White to move.");
        robot.type(KeyCode.PAGE_DOWN);
        until(() -> rows(robot).equals(List.of("3.Bc4")));
        robot.type(KeyCode.SPACE);
        until(() -> rows(robot).equals(List.of("3.Bc4  3...Nf6")));
        robot.type(KeyCode.RIGHT);
        robot.type(KeyCode.PAGE_UP);
        until(() -> rows(robot).equals(List.of("3.Bc4  3...Nf6")));
        Node board = robot.lookup("#classroom-board").query();
        robot.interact(
                () ->
                        assertThat(board.getLayoutBounds().getHeight())
                                .as("as high as the window allows")
                                .isGreaterThan(0.8 * bench.getHeight()));
        robot.type(KeyCode.F);
        assertThat(((BoardView) board).isFlipped()).isTrue();
        robot.type(KeyCode.ESCAPE);
        until(() -> robot.lookup("#classroom-board").tryQuery().isEmpty());
        assertThat(bench.frontName()).isEqualTo("Solve");
        assertThat(label(robot, "#lesson-next")).isEqualTo("Next: 4.Qxf7#");
        assertThat(bench.games().session().tree().nodes()).as("the game is as it was").hasSize(8);
    }

    @Test
    void a_second_window_follows_while_the_coach_keeps_the_solution(FxRobot robot)
            throws Exception {
        importGame(robot);
        click(robot, "#to-start");
        robot.type(KeyCode.F6);
        until(() -> isShown(robot, "#classroom-board"));
        robot.type(KeyCode.ESCAPE);
        int windows = Window.getWindows().size();
        click(robot, "#lesson-apart");
        until(() -> Window.getWindows().size() == windows + 1);
        robot.interact(() -> bench.runCommand("Reveal the next move"));
        until(() -> label(robot, "#lesson-moves").equals("1.e4"));
        Window room =
                Window.getWindows().stream()
                        .filter(w -> w.getScene().getRoot() != bench)
                        .findFirst()
                        .orElseThrow();
        List<String> told =
                room.getScene().getRoot().lookupAll(".room-row").stream()
                        .map(n -> words((TextFlow) n))
                        .toList();
        assertThat(told).containsExactly("1.e4");
        assertThat(room.getScene().getRoot().lookup("#lesson-solution"))
                .as("the room does not see the solution")
                .isNull();
        robot.interact(room::hide);
    }
}
