package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.work.Fx;

/** A coach's quarter of an hour with the mouse; keys are only used to write words. */
class MouseDayTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    @Test
    void open_walk_judge_undo_set_solve_and_mark(FxRobot robot) throws Exception {
        importGame(robot);
        click(robot, "#to-start");
        for (int i = 0; i < 6; i++) {
            click(robot, "#step-on");
        }
        assertThat(bench.games().session().current().depth()).isEqualTo(6);
        click(robot, "#verdict-WHITE_WINS");
        assertThat(bench.games().session().current().annotation().verdict())
                .contains(Verdict.WHITE_WINS);
        Fx.askForMenu(move(robot, 6, "Nf6"));
        choose(robot, "Grade ?");
        assertThat(bench.games().session().current().annotation().nags()).contains(Nag.MISTAKE);

        click(robot, "#set-exercise");
        until(() -> bench.frontName().equals("Exercises"));
        until(() -> table(robot, "#exercises-table").getItems().size() == 1);
        click(robot, "#step-on");
        click(robot, "#scheme-points");
        robot.write("10").type(KeyCode.ENTER);

        click(robot, "#desk-students");
        click(robot, "#student-new");
        write(robot, "#new-student-name", "Nora");
        click(robot, "#student-add");
        until(() -> table(robot, "#students-table").getItems().size() == 1);

        click(robot, "#desk-exercises");
        click(robot, "#solve");
        ComboBox<?> student = robot.lookup("#solve-student").queryComboBox();
        until(() -> !student.getItems().isEmpty());
        robot.interact(() -> student.getSelectionModel().select(0));
        until(() -> !robot.lookup("#begin").queryButton().isDisabled());
        click(robot, "#begin");
        until(() -> isShown(robot, "#row-1"));
        write(robot, "#row-1", "4.Qxf7#");
        click(robot, "#commit");
        until(() -> isShown(robot, "#marked-points"));
        assertThat(label(robot, "#marked-points")).startsWith("10 of");
    }

    @Test
    void a_pawn_becomes_what_is_chosen_beside_its_square_and_nothing_if_nothing_is(FxRobot robot)
            throws Exception {
        Position before = Position.fromFen("8/P6k/8/8/8/8/7K/8 w - - 0 1");
        robot.interact(() -> bench.games().analyse(before));
        until(() -> isShown(robot, "#board"));
        drag(robot, "a7", "a8");
        assertThat(bench.games().session().tree().nodes()).as("nothing is played yet").hasSize(1);
        BoardView board = robot.lookup("#board").query();
        Point2D knight = board.localToScreen(board.centreOf(PieceType.KNIGHT).orElseThrow());
        robot.clickOn(knight);
        assertThat(bench.games().session().current().move().promotion())
                .isEqualTo(Optional.of(PieceType.KNIGHT));
        robot.interact(() -> bench.games().session().toStart());
        drag(robot, "a7", "a8");
        press(robot, "h2");
        assertThat(bench.games().session().current().isRoot()).isTrue();
        drag(robot, "a7", "a8");
        robot.type(KeyCode.R);
        assertThat(bench.games().session().current().move().promotion())
                .isEqualTo(Optional.of(PieceType.ROOK));
        robot.interact(
                () -> {
                    bench.games().session().toStart();
                    bench.runCommand("Promotion: a queen at once");
                });
        drag(robot, "a7", "a8");
        assertThat(bench.games().session().current().move().promotion())
                .as("where nobody wants to be asked")
                .isEqualTo(Optional.of(PieceType.QUEEN));
        robot.interact(
                () -> {
                    bench.games().session().toStart();
                    bench.runCommand("Promotion: ask which man");
                });
        drag(robot, "a7", "a8");
        assertThat(bench.games().session().current().isRoot()).as("asked again").isTrue();
    }

    @Test
    void games_are_made_named_collected_sorted_and_filtered(FxRobot robot) throws Exception {
        importGame(robot);
        click(robot, "#add-games");
        choose(robot, "#menu-new-game");
        until(() -> table(robot, "#games-table").getItems().size() == 2);
        until(() -> bench.games().session().tree().nodes().size() == 1);
        click(robot, "#game-edit");
        click(robot, "#game-tag-white");
        robot.interact(
                () ->
                        robot.lookup("#game-tag-white")
                                .queryTextInputControl()
                                .setText("Tidewell, Nora"));
        robot.interact(
                () -> robot.lookup("#game-tag-whiteelo").queryTextInputControl().setText("1420"));
        click(robot, "#game-done");
        until(() -> label(robot, "#game-title").startsWith("Tidewell, Nora"));
        robot.interact(() -> bench.flush());
        until(() -> services.library().sheets().players().containsKey("Tidewell, Nora"));

        write(robot, "#search", "marram");
        until(() -> table(robot, "#games-table").getItems().size() == 1);
        assertThat(isShown(robot, "#clear-filters")).isTrue();
        click(robot, "#clear-filters");
        until(() -> table(robot, "#games-table").getItems().size() == 2);

        click(robot, "#drawer");
        robot.interact(() -> table(robot, "#games-table").getSelectionModel().selectAll());
        robot.interact(() -> bench.runCommand("Put the chosen games into a collection …"));
        until(() -> isShown(robot, "#question-text"));
        robot.interact(
                () -> robot.lookup("#question-text").queryTextInputControl().setText("Club"));
        click(robot, "#question-ok");
        until(
                () ->
                        services.library()
                                .collections()
                                .named("Club")
                                .filter(c -> c.sheets() == 2)
                                .isPresent());
        until(() -> isShown(robot, "#collection"));
    }
}
