package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.service.query.PointQuery;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.lesson.Asked;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.board.SmallBoard;
import org.zeroply.library.student.LessonAnswer;

/** A lesson from a position found to an answer in a student's file, in the real window. */
class LessonsDeskTest extends WindowTest {

    private static final String GAME =
            "[White \"Ada\"]\n[Black \"Bo\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 *\n";

    @Start
    void start(Stage shown) {
        begin(
                shown,
                library -> {
                    library.sheets().add(GAME);
                    library.students().add("Nora", 1500);
                    library.students().add("Odo", 1600);
                });
    }

    private Lesson kept() {
        return services.library().lessons().load(services.library().lessons().all().get(0).id());
    }

    private static void shortcut(FxRobot robot, KeyCode... keys) {
        robot.press(KeyCode.CONTROL).press(keys).release(keys).release(KeyCode.CONTROL);
    }

    /** Looks for a bishop on b5, and puts the position found into a lesson with one key. */
    private void found(FxRobot robot) throws Exception {
        click(robot, "#games-positions");
        TextArea ask = robot.lookup("#ask-text").queryAs(TextArea.class);
        robot.interact(() -> ask.setText("white bishop on b5"));
        click(robot, "#positions-go");
        until(() -> isShown(robot, "#hit-0"));
        click(robot, "#hit-0");
        until(() -> bench.games().session().current().depth() == 5);
        shortcut(robot, KeyCode.SHIFT, KeyCode.L);
        until(() -> !services.library().lessons().all().isEmpty());
        robot.interact(() -> bench.show("Lessons"));
        until(() -> steps(robot) == 1);
    }

    private static int steps(FxRobot robot) {
        return robot.lookup("#lesson-steps").queryAs(ListView.class).getItems().size();
    }

    @SuppressWarnings("unchecked")
    private static <T> void choose(FxRobot robot, String id, T value) {
        robot.interact(() -> robot.lookup(id).queryAs(ComboBox.class).setValue(value));
    }

    private static String text(FxRobot robot, String id) {
        return robot.lookup(id).queryAs(TextInputControl.class).getText();
    }

    @Test
    void a_position_found_becomes_a_question_is_given_on_two_windows_and_stands_in_a_file(
            FxRobot robot) throws Exception {
        found(robot);
        assertThat(kept().steps().get(0).tree().mainLine()).hasSize(3);
        choose(robot, "#step-kind", StepKind.ASK);
        choose(robot, "#step-asked", Asked.MOVE);
        click(robot, "#step-title");
        robot.write("Put the question\n");
        until(() -> kept().steps().get(0).title().equals("Put the question"));
        click(robot, "#lesson-give");
        until(() -> label(robot, "#give-head").equals("step 1 of 1, ask"));
        until(() -> table(robot, "#give-class").getItems().size() == 2);
        assertThat(label(robot, "#give-solution")).isEqualTo("Answer: a6");

        robot.interact(() -> robot.lookup("#give-class").query().requestFocus());
        robot.type(KeyCode.DIGIT1);
        robot.write("a6\n");
        robot.write("Nf6\n");
        until(() -> services.library().lessonAnswers().all().size() == 2);
        until(() -> label(robot, "#give-tally").equals("1 right, 1 wrong"));

        click(robot, "#give-apart");
        until(() -> Window.getWindows().size() == 2);
        Window room = Window.getWindows().get(1);
        until(() -> words(room, "#classroom-prompt").startsWith("Black to move."));
        assertThat(room.getScene().getRoot().lookup(".room-row")).isNull();

        robot.interact(() -> bench.runCommand("Reveal the next"));
        until(() -> room.getScene().getRoot().lookup(".room-row") != null);
        robot.interact(() -> ((Stage) room).close());

        robot.interact(() -> bench.show("Students"));
        until(() -> isShown(robot, "#students-table"));
        List<LessonAnswer> nora =
                services.library()
                        .lessonAnswers()
                        .of(services.library().students().all().get(0).id());
        assertThat(nora)
                .singleElement()
                .satisfies(
                        a -> {
                            assertThat(a.given().answer()).isEqualTo("a6");
                            assertThat(a.asked().lesson()).isEqualTo(kept().title());
                        });
    }

    @Test
    void what_stands_beside_a_position_is_seen_from_the_same_side(FxRobot robot) throws Exception {
        found(robot);
        choose(robot, "#step-kind", StepKind.COMPARE);
        click(robot, "#step-put-beside");
        until(() -> robot.lookup(".beside-card").tryQuery().isPresent());
        VBox card = robot.lookup(".beside-card").queryAs(VBox.class);
        assertThat(((SmallBoard) card.getChildren().get(0)).seenFrom()).isEqualTo(Side.BLACK);
    }

    private static String words(Window window, String id) {
        return Optional.ofNullable(window.getScene().getRoot().lookup(id))
                .map(n -> ((Labeled) n).getText())
                .orElse("");
    }

    @Test
    void what_the_coach_tries_is_shown_and_the_lesson_waits(FxRobot robot) throws Exception {
        found(robot);
        click(robot, "#lesson-give");
        until(() -> isShown(robot, "#give-head") && label(robot, "#give-next").contains("3...a6"));
        drag(robot, "g8", "f6");
        until(() -> label(robot, "#give-moves").equals("3...Nf6"));
        robot.type(KeyCode.ESCAPE);
        until(() -> bench.lessons().session().current().isRoot());
        assertThat(label(robot, "#give-next")).contains("3...a6");
        robot.type(KeyCode.PAGE_DOWN);
        until(() -> label(robot, "#give-moves").equals("3...a6"));
        robot.type(KeyCode.PAGE_UP);
        until(() -> label(robot, "#give-moves").isEmpty());
    }

    @Test
    void one_jumps_to_another_step_and_finds_the_first_where_it_was(FxRobot robot)
            throws Exception {
        found(robot);
        click(robot, "#step-add");
        until(() -> steps(robot) == 2);
        robot.interact(
                () ->
                        robot.lookup("#lesson-steps")
                                .queryAs(ListView.class)
                                .getSelectionModel()
                                .select(0));
        click(robot, "#lesson-give");
        until(
                () ->
                        isShown(robot, "#give-head")
                                && label(robot, "#give-head").startsWith("step 1"));
        robot.interact(() -> bench.runCommand("Reveal the next"));
        until(() -> label(robot, "#give-moves").equals("3...a6"));
        choose(robot, "#give-jump", 1);
        until(() -> label(robot, "#give-head").startsWith("step 2"));
        choose(robot, "#give-jump", 0);
        until(() -> label(robot, "#give-moves").equals("3...a6"));
    }

    @Test
    void a_student_alone_answers_with_a_move_on_the_board_and_is_told(FxRobot robot)
            throws Exception {
        found(robot);
        choose(robot, "#step-kind", StepKind.ASK);
        click(robot, "#lessons-alone");
        until(() -> label(robot, "#alone-head").endsWith("step 1 of 1"));
        drag(robot, "a7", "a6");
        until(() -> text(robot, "#alone-answer").equals("a6"));
        click(robot, "#alone-answer-it");
        until(() -> message(robot).startsWith("Say who you are"));
        choose(robot, "#alone-student", services.library().students().all().get(1));
        click(robot, "#alone-next");
        until(() -> message(robot).startsWith("Answer first"));
        click(robot, "#alone-answer-it");
        until(() -> label(robot, "#alone-told").startsWith("Right."));
        until(() -> services.library().lessonAnswers().all().size() == 1);
        click(robot, "#lessons-record");
        until(() -> table(robot, "#record-table").getItems().size() == 1);
        assertThat(label(robot, "#record-sum")).startsWith("1 answer of 1 student, 100 of 100");
    }

    @Test
    void steps_are_added_moved_by_key_and_taken_back(FxRobot robot) throws Exception {
        found(robot);
        click(robot, "#step-add");
        until(() -> steps(robot) == 2);
        assertThat(label(robot, "#lesson-remark")).startsWith("It says nothing");
        click(robot, "#step-words");
        robot.write("Look");
        click(robot, "#step-title");
        until(() -> kept().steps().get(1).words().equals("Look"));
        robot.interact(() -> robot.lookup("#lesson-steps").query().requestFocus());
        robot.press(KeyCode.ALT).type(KeyCode.UP).release(KeyCode.ALT);
        until(() -> kept().steps().get(0).words().equals("Look"));
        shortcut(robot, KeyCode.Z);
        until(() -> kept().steps().get(1).words().equals("Look"));
    }

    private static Node row(FxRobot robot, int place) {
        return robot.lookup("#lesson-steps .list-cell").queryAllAs(ListCell.class).stream()
                .filter(c -> c.getIndex() == place && !c.isEmpty())
                .filter(c -> c.getParent().isVisible())
                .findFirst()
                .orElseThrow();
    }

    private List<StepKind> kinds() {
        return kept().steps().stream().map(LessonStep::kind).toList();
    }

    @Test
    void a_step_is_dragged_to_another_place_and_taken_back(FxRobot robot) throws Exception {
        found(robot);
        robot.interact(() -> bench.lessons().model().addStep(StepKind.ASK));
        robot.interact(() -> bench.lessons().model().addStep(StepKind.GAME));
        until(() -> steps(robot) == 3 && row(robot, 2).isVisible());
        until(() -> kinds().equals(List.of(StepKind.SHOW, StepKind.ASK, StepKind.GAME)));
        robot.drag(row(robot, 0)).moveTo(row(robot, 1)).dropTo(row(robot, 2));
        until(() -> kinds().equals(List.of(StepKind.ASK, StepKind.GAME, StepKind.SHOW)));
        assertThat(bench.lessons().model().place()).isEqualTo(2);
        for (int i = 0; i < 3; i++) {
            assertThat(row(robot, i).getPseudoClassStates().toString()).doesNotContain("drop");
        }
        robot.interact(() -> robot.lookup("#lesson-steps").query().requestFocus());
        shortcut(robot, KeyCode.Z);
        until(() -> kinds().equals(List.of(StepKind.SHOW, StepKind.ASK, StepKind.GAME)));
    }

    @Test
    void what_is_being_typed_stays_while_the_lesson_is_read_again(FxRobot robot) throws Exception {
        found(robot);
        write(robot, "#step-title", "Pu");
        int before = bench.lessons().model().revisionProperty().get();
        robot.interact(() -> bench.lessons().model().reload());
        until(() -> bench.lessons().model().revisionProperty().get() > before);
        robot.write("t\n");
        until(() -> kept().steps().get(0).title().equals("Put"));
    }

    @Test
    void a_list_moves_on_where_a_step_is_dragged_along_its_edge(FxRobot robot) throws Exception {
        found(robot);
        robot.interact(
                () -> {
                    for (int i = 0; i < 14; i++) {
                        bench.lessons().model().addStep(StepKind.ASK);
                    }
                    bench.lessons().model().choose(0);
                });
        until(() -> steps(robot) == 15 && row(robot, 0).isVisible());
        Node list = robot.lookup("#lesson-steps").query();
        PointQuery lowest = robot.point(list).atPosition(Pos.BOTTOM_CENTER).atOffset(0, -10);
        int shown =
                (int)
                        (list.getLayoutBounds().getHeight()
                                / row(robot, 0).getLayoutBounds().getHeight());
        assertThat(shown).isBetween(2, 12);
        robot.drag(row(robot, 0)).moveTo(lowest);
        for (int i = 0; i < 30; i++) {
            robot.moveBy(i % 2 == 0 ? 2 : -2, 0);
        }
        robot.drop();
        until(() -> kinds().indexOf(StepKind.SHOW) > shown);
    }

    @Test
    void squares_of_a_class_are_pressed_on_the_board(FxRobot robot) throws Exception {
        found(robot);
        choose(robot, "#step-kind", StepKind.ASK);
        choose(robot, "#step-asked", Asked.SQUARES);
        until(() -> kept().steps().get(0).question().asked() == Asked.SQUARES);
        click(robot, "#lesson-give");
        until(() -> table(robot, "#give-class").getItems().size() == 2);
        robot.interact(() -> bench.lessons().pressed(Square.parse("c6")));
        assertThat(text(robot, "#give-answer")).as("nobody answers yet").isEmpty();
        robot.interact(() -> robot.lookup("#give-class").query().requestFocus());
        robot.type(KeyCode.DIGIT1);
        robot.interact(() -> bench.lessons().pressed(Square.parse("c6")));
        robot.interact(() -> bench.lessons().pressed(Square.parse("e5")));
        robot.interact(() -> bench.lessons().pressed(Square.parse("c6")));
        assertThat(text(robot, "#give-answer")).isEqualTo("e5");
    }
}
