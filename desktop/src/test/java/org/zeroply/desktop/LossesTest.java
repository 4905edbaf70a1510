package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.util.List;
import java.util.OptionalLong;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;

/** Nothing that was done is lost by one key, by turning away, or by a library that refuses. */
class LossesTest extends WindowTest {

    private static final String OTHER =
            "[White \"Shoal, Greta\"]\n[Black \"Quay, Jonas\"]\n[Result \"0-1\"]\n\n1. d4 d5 0-1\n";

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private int moves() {
        return bench.games().session().tree().nodes().size() - 1;
    }

    private long marram() {
        return services.library().sheets().find(SheetQuery.all(SheetKind.GAME)).stream()
                .filter(r -> r.heading().white().startsWith("Marram"))
                .map(SheetRow::id)
                .findFirst()
                .orElseThrow();
    }

    private int stored(long id) {
        return services.library().sheets().load(id).nodes().size() - 1;
    }

    private static void control(FxRobot robot, KeyCode key) {
        robot.press(KeyCode.CONTROL).type(key).release(KeyCode.CONTROL);
    }

    private void open(FxRobot robot, long id) throws Exception {
        robot.interact(() -> bench.games().open(id));
        until(() -> bench.games().openId().equals(OptionalLong.of(id)));
    }

    private void deleteAll(FxRobot robot) throws Exception {
        clickMove(robot, 1, "e4");
        robot.type(KeyCode.DELETE);
        assertThat(moves()).isZero();
        assertThat(message(robot)).isEqualTo("7 moves deleted.");
        until(() -> stored(marram()) == 0);
    }

    @Test
    void deleted_moves_are_counted_and_come_back_where_the_eye_is(FxRobot robot) throws Exception {
        importGame(robot);
        deleteAll(robot);
        click(robot, "#notice-undo");
        assertThat(moves()).isEqualTo(7);
        until(() -> stored(marram()) == 7);
    }

    @Test
    void deleted_moves_come_back_after_turning_to_another_game(FxRobot robot) throws Exception {
        importGame(robot);
        long other = services.library().sheets().add(OTHER);
        deleteAll(robot);
        open(robot, other);
        control(robot, KeyCode.Z);
        until(() -> bench.games().openId().equals(OptionalLong.of(marram())) && moves() == 7);
        assertThat(stored(other)).isEqualTo(2);
        control(robot, KeyCode.Y);
        until(() -> moves() == 0);
    }

    @Test
    void deleted_moves_come_back_from_another_desk_by_the_offer_in_the_status_row(FxRobot robot)
            throws Exception {
        importGame(robot);
        deleteAll(robot);
        robot.interact(() -> bench.runCommand("Solve"));
        robot.interact(() -> bench.runCommand("Games"));
        control(robot, KeyCode.Z);
        until(() -> moves() == 7);
    }

    @Test
    void deleted_moves_come_back_after_a_restart(FxRobot robot) throws Exception {
        importGame(robot);
        deleteAll(robot);
        restart(robot);
        open(robot, marram());
        assertThat(moves()).isZero();
        control(robot, KeyCode.Z);
        until(() -> moves() == 7);
        until(() -> stored(marram()) == 7);
        control(robot, KeyCode.Y);
        until(() -> moves() == 0);
    }

    @Test
    void a_new_chapter_is_open_and_the_next_moves_go_into_it(FxRobot robot) throws Exception {
        long old =
                services.library()
                        .sheets()
                        .add("[Event \"Old\"]\n[ZpSide \"white\"]\n\n1. d4 d5 2. c4 *\n");
        click(robot, "#desk-repertoire");
        until(() -> table(robot, "#chapters").getItems().size() == 1);
        until(() -> bench.repertoire().session().id().equals(OptionalLong.of(old)));
        robot.interact(() -> bench.runCommand("New chapter for White …"));
        until(() -> isShown(robot, "#question-text"));
        robot.interact(() -> robot.lookup("#question-text").<TextField>query().setText("Fresh"));
        click(robot, "#question-ok");
        until(() -> table(robot, "#chapters").getItems().size() == 2);
        robot.interact(() -> {});
        until(() -> bench.repertoire().session().tree().tag("Event").equals("Fresh"));
        press(robot, "e2");
        press(robot, "e4");
        robot.interact(() -> bench.flush());
        long fresh = bench.repertoire().session().id().orElseThrow();
        assertThat(fresh).isNotEqualTo(old);
        until(() -> stored(fresh) == 1);
        assertThat(stored(old)).isEqualTo(3);
    }

    @Test
    void a_library_in_use_leaves_a_sheet_visibly_unsaved_until_it_is_saved_after_all(FxRobot robot)
            throws Exception {
        importGame(robot);
        long id = marram();
        try (Connection other =
                DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("test.zpl"))) {
            other.createStatement().execute("BEGIN IMMEDIATE");
            click(robot, "#to-end");
            robot.interact(
                    () ->
                            bench.games()
                                    .session()
                                    .editor()
                                    .comment(bench.games().session().current(), "kept"));
            robot.interact(() -> bench.flush());
            until(() -> !services.saves().problemProperty().get().isEmpty());
            assertThat(message(robot)).contains("is in use by another program");
            assertThat(services.saves().isClean()).isFalse();
            assertThat(services.saves().pgn()).contains("{kept}");
            robot.interact(() -> bench.askToClose(() -> {}));
            until(() -> isShown(robot, "#close-stay"));
            click(robot, "#close-stay");
            other.createStatement().execute("ROLLBACK");
        }
        click(robot, "#save-again");
        until(() -> services.saves().isClean());
        assertThat(message(robot)).isEqualTo("Saved after all.");
        MoveTree saved = services.library().sheets().load(id);
        assertThat(saved.root().mainLineEnd().annotation().after()).isEqualTo("kept");
        boolean[] closed = {false};
        robot.interact(() -> bench.askToClose(() -> closed[0] = true));
        until(() -> closed[0]);
    }

    @Test
    void what_was_done_is_taken_back_while_a_text_field_has_the_focus(FxRobot robot)
            throws Exception {
        importGame(robot);
        click(robot, "#to-end");
        robot.interact(
                () -> bench.games().session().editor().delete(bench.games().session().current()));
        assertThat(moves()).isEqualTo(6);
        robot.type(KeyCode.ENTER);
        assertThat(bench.getScene().getFocusOwner()).isInstanceOf(TextField.class);
        control(robot, KeyCode.Z);
        until(() -> moves() == 7);
        // What is being typed is taken back first.
        robot.write("Nf");
        control(robot, KeyCode.Z);
        assertThat(robot.lookup("#move-entry").<TextField>query().getText()).isNotEqualTo("Nf");
        assertThat(moves()).isEqualTo(7);
    }

    @Test
    void the_position_is_copied_after_a_move_was_typed(FxRobot robot) throws Exception {
        importGame(robot);
        click(robot, "#to-start");
        robot.interact(
                () -> {
                    ClipboardContent old = new ClipboardContent();
                    old.putString("old");
                    Clipboard.getSystemClipboard().setContent(old);
                });
        robot.type(KeyCode.ENTER).write("d4").type(KeyCode.ENTER);
        control(robot, KeyCode.C);
        until(() -> clipboard(robot).startsWith("rnbqkbnr/pppppppp/8/8/3P4"));
    }

    private static String clipboard(FxRobot robot) {
        String[] text = {""};
        robot.interact(() -> text[0] = Clipboard.getSystemClipboard().getString());
        return text[0];
    }

    @Test
    void removed_games_come_back_by_undo_and_from_the_bin(FxRobot robot) throws Exception {
        importGame(robot);
        long id = marram();
        robot.interact(() -> table(robot, "#games-table").requestFocus());
        robot.interact(() -> table(robot, "#games-table").getSelectionModel().select(0));
        robot.type(KeyCode.DELETE);
        until(() -> services.library().bin().all().size() == 1);
        click(robot, "#notice-undo");
        until(() -> bench.games().openId().equals(OptionalLong.of(id)) && moves() == 7);

        robot.interact(() -> bench.runCommand("Remove the chosen games"));
        until(() -> services.library().bin().all().size() == 1);
        restart(robot);
        robot.interact(() -> bench.runCommand("Bin: what was removed"));
        until(() -> table(robot, "#bin-table").getItems().size() == 1);
        click(robot, "#bin-restore");
        until(() -> services.library().bin().all().isEmpty());
        until(() -> table(robot, "#games-table").getItems().size() == 1);
    }

    @Test
    void a_removed_student_says_what_goes_along_and_comes_back(FxRobot robot) throws Exception {
        services.library().students().add("Nora Tidewell", 1420);
        click(robot, "#desk-students");
        until(() -> table(robot, "#students-table").getItems().size() == 1);
        click(robot, "#student-remove");
        until(() -> isShown(robot, "#student-remove-yes"));
        click(robot, "#student-remove-yes");
        until(() -> table(robot, "#students-table").getItems().isEmpty());
        control(robot, KeyCode.Z);
        until(() -> table(robot, "#students-table").getItems().size() == 1);
        assertThat(services.library().bin().all()).isEqualTo(List.of());
    }
}
