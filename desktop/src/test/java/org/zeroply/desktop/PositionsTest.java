package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Point2D;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.Square;
import org.zeroply.desktop.board.SetUpBoard;

/** Looks for positions in the real window: drawn with the mouse, and written with the keyboard. */
class PositionsTest extends WindowTest {

    private static final String[] GAMES = {
        "[White \"Flo\"]\n[Black \"Gus\"]\n\n1. Nf3 d5 2. g3 Bh3 3. Bxh3 *\n",
        "[White \"Ada\"]\n[Black \"Bo\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 *\n",
        "[White \"Cleo\"]\n[Black \"Dan\"]\n\n1. d4 d5 2. c4 e6 *\n",
    };

    @Start
    void start(Stage shown) {
        begin(
                shown,
                library -> {
                    for (String game : GAMES) {
                        library.sheets().add(game);
                    }
                });
    }

    private static void draw(FxRobot robot, String square, MouseButton button) {
        SetUpBoard board = robot.lookup("#ask-board").queryAs(SetUpBoard.class);
        Point2D at = board.localToScreen(board.centreOf(Square.parse(square)));
        robot.moveTo(at).press(button).release(button);
    }

    private static String asked(FxRobot robot) {
        return robot.lookup("#ask-text").queryAs(TextArea.class).getText();
    }

    private static String state(FxRobot robot) {
        return label(robot, "#positions-state");
    }

    @Test
    void a_drawn_bishop_is_found_shown_and_set_as_an_exercise(FxRobot robot) throws Exception {
        click(robot, "#games-positions");
        click(robot, "#ask-B");
        draw(robot, "b5", MouseButton.PRIMARY);
        click(robot, "#ask-nothing");
        draw(robot, "g8", MouseButton.PRIMARY);
        draw(robot, "g8", MouseButton.SECONDARY);
        assertThat(asked(robot)).isEqualTo("white bishop on b5");
        click(robot, "#positions-go");
        until(() -> state(robot).startsWith("1 position in 1 game"));
        click(robot, "#hit-0");
        until(() -> bench.games().session().current().depth() == 5);
        assertThat(bench.games().session().tree().tag("White")).isEqualTo("Ada");
        robot.press(KeyCode.CONTROL).type(KeyCode.E).release(KeyCode.CONTROL);
        until(() -> bench.exercises().session().id().isPresent());
        assertThat(bench.exercises().session().tree().start().fen()).contains("1B2p3");
    }

    @Test
    void what_can_be_asked_is_chosen_from_a_menu_with_the_mouse(FxRobot robot) throws Exception {
        click(robot, "#games-positions");
        click(robot, "#ask-more");
        choose(robot, "Dangers", "black trapped queen");
        until(() -> asked(robot).equals("black trapped queen"));
        click(robot, "#ask-more");
        choose(robot, "Facts that take a search", "white tied");
        until(() -> asked(robot).equals("black trapped queen AND white tied"));
        click(robot, "#positions-go");
        until(() -> state(robot).startsWith("Nothing in 3 games"));
    }

    @Test
    void the_clearest_position_comes_first_at_a_press(FxRobot robot) throws Exception {
        click(robot, "#games-positions");
        assertThat(robot.lookup("#ask-clearest").query().isVisible()).isFalse();
        robot.interact(
                () ->
                        robot.lookup("#ask-text")
                                .queryAs(TextArea.class)
                                .setText("white knight on f3; every position"));
        click(robot, "#positions-go");
        until(() -> state(robot).startsWith("9 positions in 2 games"));
        click(robot, "#hit-0");
        until(() -> bench.games().session().tree().tag("White").equals("Ada"));
        click(robot, "#ask-clearest");
        assertThat(asked(robot)).endsWith("; every position; clearest first");
        until(() -> state(robot).startsWith("9 positions in 2 games"));
        click(robot, "#hit-0");
        until(() -> bench.games().session().tree().tag("White").equals("Flo"));
        until(() -> bench.games().session().current().depth() == 5);
    }

    @Test
    void a_game_opened_from_elsewhere_is_shown_with_its_sheet(FxRobot robot) throws Exception {
        click(robot, "#games-positions");
        long id = bench.games().openId().orElseThrow();
        robot.interact(() -> bench.games().open(id));
        until(() -> isShown(robot, "#games-table"));
        assertThat(isShown(robot, "#ask-board")).isFalse();
        click(robot, "#games-positions");
        assertThat(bench.games().commands()).noneMatch(c -> c.key().equals("F2"));
    }

    @Test
    void the_keys_of_lists_lead_from_one_position_found_to_the_next(FxRobot robot)
            throws Exception {
        robot.push(KeyCode.ALT, KeyCode.DIGIT2);
        click(robot, "#ask-text");
        robot.write("white pawn on d4");
        click(robot, "#ask-every");
        click(robot, "#ask-text");
        robot.type(KeyCode.ENTER);
        until(() -> state(robot).startsWith("4 positions in 1 game"));
        robot.interact(() -> robot.lookup("#hit-0").query().requestFocus());
        robot.type(KeyCode.END, KeyCode.UP, KeyCode.UP);
        until(() -> robot.lookup("#hit-1").query().isFocused());
        robot.type(KeyCode.ENTER);
        until(() -> bench.games().session().current().depth() == 2);
        assertThat(robot.lookup("#hit-1").query().isFocused()).isTrue();
        assertThat(robot.lookup("#hit-0").query().isFocusTraversable()).isFalse();
    }

    @Test
    void a_written_query_is_asked_by_enter_and_mended_where_it_is_wrong(FxRobot robot)
            throws Exception {
        robot.push(KeyCode.ALT, KeyCode.DIGIT2);
        click(robot, "#ask-text");
        robot.write("white pawn on c4 then");
        assertThat(label(robot, "#ask-problem")).contains("missing beside THEN");
        robot.write(" black pawn on e6").type(KeyCode.ENTER);
        until(() -> state(robot).startsWith("1 position in 1 game"));
        assertThat(asked(robot)).isEqualTo("white pawn on c4 then black pawn on e6");
        click(robot, "#ask-exchanged");
        assertThat(asked(robot)).endsWith("; colours exchanged");
    }
}
