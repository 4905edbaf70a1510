package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.board.SetUpBoard;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.student.Attempt;

/** Drives the real window as a coach and a student would. */
class WorkbenchTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    @Test
    void a_game_becomes_an_exercise_is_solved_and_marked_and_stays_in_the_log(FxRobot robot)
            throws Exception {
        importGame(robot);
        clickMove(robot, 6, "Nf6");
        click(robot, "#set-exercise");
        until(() -> bench.frontName().equals("Exercises") && isShown(robot, "#line-sheet"));
        until(() -> table(robot, "#exercises-table").getItems().size() == 1);
        until(() -> robot.lookup("#board").tryQuery().isPresent() && exerciseIsOpen(robot));
        click(robot, "#step-on");
        click(robot, "#scheme-points");
        robot.write("10").type(KeyCode.ENTER);
        click(robot, "#scheme-verdict-points");
        robot.write("5").type(KeyCode.ENTER);
        click(robot, "#verdict-WHITE_WINS");
        until(() -> bench.exercises().session().current().annotation().verdict().isPresent());

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
        until(() -> ((Label) bench.lookup(".prompt")).getText().contains("15 points"));
        click(robot, "#begin");
        solve(robot);

        restart(robot);
        click(robot, "#desk-students");
        until(() -> table(robot, "#attempts-table").getItems().size() == 1);
        Attempt attempt = (Attempt) table(robot, "#attempts-table").getItems().get(0);
        assertThat(attempt.marking().points()).isEqualTo(15);
        assertThat(attempt.work().answer()).isEqualTo("4.Qxf7# +-");
        until(() -> isShown(robot, "#marked-points"));
        robot.clickOn(robot.lookup(".playable").queryAll().iterator().next());
        until(() -> robot.lookup("#position-state").queryLabeled().getText().equals("checkmate"));
    }

    private void solve(FxRobot robot) throws TimeoutException {
        until(() -> isShown(robot, "#row-1"));
        write(robot, "#row-1", "Qxf8 ");
        Label notice = (Label) robot.lookup("#row-notice-1").queryLabeled();
        assertThat(notice.getText()).contains("Qxf8 is not legal").doesNotContain("possible");
        TextField row = robot.lookup("#row-1").query();
        robot.interact(row::clear);
        write(robot, "#row-1", "4.Qxf7#");
        assertThat(notice.getText()).isEmpty();
        ComboBox<String> verdict = robot.lookup("#row-verdict-1").queryComboBox();
        robot.interact(() -> verdict.setValue("+-"));
        // The board does not move while somebody solves.
        press(robot, "h5");
        press(robot, "f7");
        assertThat(robot.lookup("#position-state").queryLabeled().getText())
                .isEqualTo("White to move");
        click(robot, "#commit");
        until(() -> isShown(robot, "#marked-points"));
        assertThat(robot.lookup("#marked-points").queryLabeled().getText())
                .isEqualTo("15 of 15 points");
    }

    @Test
    void variations_are_entered_by_mouse_and_keyboard_undone_and_saved(FxRobot robot)
            throws Exception {
        importGame(robot);
        click(robot, "#to-start");
        press(robot, "d2");
        press(robot, "d4");
        Node d4 = bench.games().session().current();
        assertThat(d4.move().coordinates()).isEqualTo("d2d4");
        drag(robot, "d7", "d5");
        robot.type(KeyCode.ENTER).write("c4").type(KeyCode.ENTER);
        assertThat(bench.games().session().current().depth()).isEqualTo(3);
        robot.type(KeyCode.ESCAPE).type(KeyCode.LEFT, KeyCode.LEFT);
        assertThat(bench.games().session().current()).isEqualTo(d4);
        robot.type(KeyCode.ENTER).write("Ke5").type(KeyCode.ENTER);
        until(() -> message(robot).contains("Ke5 is not legal here"));
        robot.type(KeyCode.ESCAPE);
        assertThat(bench.games().session().tree().nodes()).hasSize(11);
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).type(KeyCode.Z).release(KeyCode.CONTROL);
        assertThat(bench.games().session().tree().nodes()).hasSize(9);
        robot.press(KeyCode.CONTROL).type(KeyCode.Y).release(KeyCode.CONTROL);
        write(robot, "#comment", "Our idea");
        robot.type(KeyCode.ENTER);
        restart(robot);
        String pgn = saved();
        assertThat(pgn).contains("(1. d4 {Our idea} 1... d5)").contains("4. Qxf7#");
    }

    @Test
    void the_engine_shows_lines_and_one_key_adopts_them(FxRobot robot) throws Exception {
        importGame(robot);
        clickMove(robot, 6, "Nf6");
        robot.interact(() -> services.live().runningProperty().set(true));
        until(() -> robot.lookup(".candidate").queryAll().size() == 3);
        int before = bench.games().session().tree().nodes().size();
        robot.type(KeyCode.F3);
        assertThat(bench.games().session().tree().nodes().size()).isGreaterThan(before);
        assertThat(bench.games().session().tree().nodes())
                .anyMatch(n -> n.annotation().check().isPresent());
    }

    @Test
    void a_move_can_be_left_out_and_the_engine_kept_at_a_position(FxRobot robot) throws Exception {
        importGame(robot);
        clickMove(robot, 6, "Nf6");
        robot.interact(() -> services.live().runningProperty().set(true));
        until(() -> robot.lookup(".candidate").queryAll().size() == 3);
        until(() -> firstMove(robot).contains("Qxf7#"));
        click(robot, "#next-best");
        until(() -> robot.lookup(".candidate").queryAll().size() == 3);
        assertThat(firstMove(robot)).doesNotContain("Qxf7#");
        click(robot, "#include-all");
        until(() -> firstMove(robot).contains("Qxf7#"));
        click(robot, "#engine-locked");
        click(robot, "#to-start");
        until(() -> state(robot).startsWith("another position"));
        assertThat(firstMove(robot)).contains("Qxf7#");
        click(robot, "#engine-locked");
        until(() -> !firstMove(robot).contains("Qxf7#"));
    }

    @Test
    void the_lab_explains_a_position_and_measures_how_hard_it_is(FxRobot robot) throws Exception {
        importGame(robot);
        click(robot, "#desk-lab");
        click(robot, "#lab-numbers");
        until(() -> isShown(robot, "#explanation-sum"));
        String atStart = robot.lookup("#explanation-sum").queryLabeled().getText();
        click(robot, "#step-on");
        assertThat(robot.lookup("#explanation-sum").queryLabeled().getText())
                .isNotEqualTo(atStart)
                .contains("changed by e4");
        click(robot, "#to-end");
        click(robot, "#step-back");
        click(robot, "#measure");
        until(() -> robot.lookup("#difficulty .plain").queryAll().size() == 3);
        assertThat(
                        robot.lookup("#difficulty .plain").queryAll().stream()
                                .map(n -> ((Label) n).getText())
                                .toList())
                .anyMatch(t -> t.startsWith("Moves that keep the result, ply by ply: White 1 of"))
                .anyMatch(t -> t.startsWith("Qxf7#"));
        click(robot, "#ask-checks");
        until(() -> label(robot, "#answer").startsWith("White's checks lead to mate: 4.Qxf7#"));
        click(robot, "#step-back");
        click(robot, "#ask-threat");
        until(() -> label(robot, "#answer").startsWith("If Black passed: 4.Qxf7#"));
    }

    @Test
    void a_second_engine_that_fails_is_reported_and_ours_goes_on(FxRobot robot) throws Exception {
        importGame(robot);
        robot.interact(() -> bench.runCommand("Engines: threads, memory, second engine"));
        until(() -> isShown(robot, "#engine-program"));
        write(robot, "#engine-program", "/nowhere/engine");
        click(robot, "#engine-try");
        until(() -> label(robot, "#engine-answer").contains("could not be started"));
        click(robot, "#engine-save");
        until(() -> isShown(robot, "#engine-second"));
        robot.interact(() -> services.live().runningProperty().set(true));
        until(() -> robot.lookup(".candidate").queryAll().size() == 3);
        click(robot, "#engine-second");
        until(() -> label(robot, "#engine-problem").contains("Our own engine goes on"));
        until(() -> robot.lookup(".candidate").queryAll().size() == 3);
        restart(robot);
        assertThat(services.live().settingsProperty().get().program()).isEqualTo("/nowhere/engine");
    }

    private static String firstMove(FxRobot robot) {
        return robot.lookup(".candidate-move")
                .tryQuery()
                .map(n -> ((Label) n).getText())
                .orElse("");
    }

    private static String state(FxRobot robot) {
        return label(robot, "#engine-state");
    }

    @Test
    void a_position_is_set_up_by_hand_and_an_impossible_one_is_explained(FxRobot robot)
            throws Exception {
        robot.press(KeyCode.CONTROL).type(KeyCode.P).release(KeyCode.CONTROL);
        click(robot, "#set-up-empty");
        click(robot, "#tool-Q");
        SetUpBoard board = robot.lookup("#set-up-board").query();
        Point2D e7 = board.localToScreen(board.centreOf(Square.parse("e8")));
        robot.clickOn(e7);
        assertThat(robot.lookup("#set-up-problem").queryLabeled().getText())
                .contains("White has 0 kings");
        robot.interact(
                () ->
                        ((TextField) robot.lookup("#set-up-fen").query())
                                .setText("7k/8/8/8/8/8/8/KQ6 w - - 0 1"));
        click(robot, "#set-up-accept");
        until(() -> robot.lookup("#balance-words").queryLabeled().getText().contains("queen up"));
    }

    @Test
    void bad_files_are_named_and_the_window_goes_on(FxRobot robot) throws Exception {
        Path bad = folder.resolve("broken.pgn");
        Files.writeString(bad, "[Event \"x\"]\n\n1. e4 e5 2. Ke3 *\n");
        robot.interact(() -> bench.importFiles(List.of(bad, folder.resolve("none.pgn"))));
        until(() -> message(robot).contains("could not be read"));
        assertThat(services.library().unread().all()).hasSize(1);
        robot.press(KeyCode.CONTROL).type(KeyCode.N).release(KeyCode.CONTROL);
        until(() -> isShown(robot, "#board"));
        robot.press(KeyCode.CONTROL).type(KeyCode.K).release(KeyCode.CONTROL);
        until(() -> isShown(robot, "#command-filter"));
        robot.write("flip").type(KeyCode.ENTER);
        BoardView board = robot.lookup("#board").query();
        assertThat(board.isFlipped()).isTrue();
    }

    private boolean exerciseIsOpen(FxRobot robot) {
        return robot.lookup("#position-state").queryLabeled().getText().equals("White to move")
                && robot.lookup("#scheme-title")
                        .queryTextInputControl()
                        .getText()
                        .contains("Marram");
    }

    private String saved() {
        StringBuilder all = new StringBuilder();
        services.library().sheets().forEachPgn(SheetKind.GAME, all::append);
        assertThat(services.library().sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
        return all.toString().replace('\n', ' ');
    }
}
