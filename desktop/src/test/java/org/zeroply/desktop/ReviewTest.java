package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.review.Moment;
import org.zeroply.desktop.review.MomentCard;
import org.zeroply.desktop.review.ReviewModel;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetStore;

/** Drives the Review desk in the real window. */
class ReviewTest extends WindowTest {

    private static final long NODES = 2_000;

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private ReviewModel model() {
        return bench.review().model();
    }

    private MomentCard card(int index) {
        return model().cards().get(index);
    }

    private static void fire(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).queryButton().fire());
    }

    private static String text(FxRobot robot, String id) {
        return robot.lookup(id).queryLabeled().getText();
    }

    /** The game of four moves, reviewed: its error is the third move of Black. */
    private void reviewed(FxRobot robot) throws Exception {
        services.reviews().setNodes(NODES);
        importGame(robot);
        click(robot, "#desk-review");
        until(() -> text(robot, "#review-state").contains("Press Review this game"));
        click(robot, "#review-this");
        until(() -> !model().cards().isEmpty());
        until(() -> isShown(robot, "#moment-text"));
    }

    private int last() {
        return model().cards().size() - 1;
    }

    private void lookAtError(FxRobot robot) {
        robot.interact(() -> model().select(card(last())));
        assertThat(card(last()).moment().kind()).isEqualTo(Moment.Kind.LAST_HOLD);
        assertThat(card(last()).ply()).isEqualTo(6);
    }

    private String pgn() {
        return PgnWriter.write(bench.games().session().tree()).replace('\n', ' ');
    }

    @Test
    void a_moment_is_kept_in_the_game_reworded_dismissed_and_still_so_after_a_restart(FxRobot robot)
            throws Exception {
        reviewed(robot);
        lookAtError(robot);
        assertThat(text(robot, "#moment-text")).contains("could hold");
        assertThat(bench.review().session().tree().root().children()).hasSize(2);
        fire(robot, "#moment-reword");
        robot.interact(
                () -> ((TextArea) robot.lookup("#moment-words").query()).setText("Count on f7!"));
        fire(robot, "#moment-words-done");
        assertThat(text(robot, "#moment-text")).isEqualTo("Count on f7!");
        fire(robot, "#moment-dismiss");
        assertThat(card(last()).isDismissed()).isTrue();
        askForMenu(robot, "#moment-" + card(last()).number() + " .moment-move");
        choose(robot, "#menu-take-back");
        assertThat(card(last()).isDismissed()).isFalse();
        fire(robot, "#moment-keep");
        assertThat(pgn()).contains("Count on f7!").contains("zp.check");
        int cards = model().cards().size();

        restart(robot);
        robot.interact(() -> bench.games().openNewest());
        until(() -> bench.games().session().id().isPresent());
        click(robot, "#desk-review");
        until(() -> model().cards().size() == cards);
        assertThat(card(last()).decision()).isEqualTo(ReviewStore.Decision.KEPT);
        assertThat(card(last()).said()).isEqualTo("Count on f7!");
        assertThat(pgn()).contains("Count on f7!");
    }

    @Test
    void the_better_move_stays_hidden_until_one_was_tried(FxRobot robot) throws Exception {
        reviewed(robot);
        robot.interact(() -> model().guessingProperty().set(true));
        lookAtError(robot);
        assertThat(isShown(robot, "#moment-text")).isFalse();
        assertThat(bench.review().session().tree().root().children()).isEmpty();
        assertThat(bench.review().isOpenBook()).isFalse();
        drag(robot, "a7", "a6");
        until(() -> isShown(robot, "#moment-text"));
        assertThat(text(robot, "#guess-answer")).contains("a6 gives away").contains("better is");
        assertThat(bench.review().session().current().move().coordinates()).isEqualTo("a7a6");
    }

    @Test
    void the_course_of_the_game_goes_to_its_moves(FxRobot robot) throws Exception {
        reviewed(robot);
        click(robot, "#course-strip");
        int middle = bench.games().session().current().depth();
        assertThat(middle).isBetween(2, 5);
        robot.type(KeyCode.RIGHT);
        assertThat(bench.games().session().current().depth()).isEqualTo(middle + 1);
        robot.type(KeyCode.LEFT).type(KeyCode.LEFT);
        assertThat(bench.games().session().current().depth()).isEqualTo(middle - 1);
    }

    @Test
    void a_moment_becomes_an_exercise_and_goes_into_a_students_file(FxRobot robot)
            throws Exception {
        robot.interact(() -> services.library().students().add("Nora Tidewell", 1420));
        reviewed(robot);
        lookAtError(robot);
        until(() -> !((MenuButton) robot.lookup("#moment-student").query()).getItems().isEmpty());
        robot.interact(
                () ->
                        ((MenuButton) robot.lookup("#moment-student").query())
                                .getItems()
                                .get(0)
                                .fire());
        until(() -> message(robot).contains("In the file of Nora Tidewell"));
        fire(robot, "#moment-exercise");
        until(() -> bench.frontName().equals("Exercises"));
        long id = services.library().sheets().find(SheetQuery.all(SheetKind.EXERCISE)).get(0).id();
        var exercise = services.library().sheets().load(id);
        assertThat(exercise.tag(Exercise.MAX_POINTS)).isEqualTo("50");
        assertThat(exercise.root().children())
                .anyMatch(
                        n ->
                                n.annotation().scheme().tempting()
                                        && n.move().coordinates().equals("g8f6"));

        click(robot, "#desk-students");
        until(() -> !table(robot, "#students-table").getItems().isEmpty());
        click(robot, "#students-file");
        until(() -> table(robot, "#student-file-table").getItems().size() == 1);
        until(() -> text(robot, "#student-file-words").startsWith("3...Nf6"));
        click(robot, "#student-file-open");
        until(() -> bench.frontName().equals("Review"));
        until(() -> model().selectedProperty().get().filter(c -> c.ply() == 6).isPresent());
    }

    @Test
    void the_coach_adds_a_moment_and_it_stays(FxRobot robot) throws Exception {
        reviewed(robot);
        robot.interact(() -> model().go(1));
        int before = model().cards().size();
        click(robot, "#moment-add");
        assertThat(model().cards()).hasSize(before + 1);
        assertThat(card(0).moment().kind()).isEqualTo(Moment.Kind.COACH);
        click(robot, "#moment-add");
        assertThat(message(robot)).contains("no moment yet");
        restart(robot);
        robot.interact(() -> bench.games().openNewest());
        until(() -> bench.games().session().id().isPresent());
        click(robot, "#desk-review");
        until(() -> model().cards().size() == before + 1);
    }

    @Test
    void a_queue_that_was_broken_off_goes_on_by_itself_and_a_paused_one_does_not(FxRobot robot)
            throws Exception {
        services.reviews().setNodes(NODES);
        for (char file = 'a'; file <= 'h'; file++) {
            String moves =
                    String.format(
                            "1. e4 %c6 2. Bc4 %c5 3. Bb3 Na6 4. Qe2 Nb8 5. Qd1 *", file, file);
            services.library().sheets().add(SheetStore.parse(moves));
        }
        click(robot, "#desk-review");
        click(robot, "#review-queue");
        click(robot, "#queue-all");
        until(() -> table(robot, "#queue-table").getItems().size() == 8);
        until(() -> done() >= 1);
        restart(robot);
        until(() -> done() == 8);
        assertThat(services.reviews().entries()).allMatch(e -> e.plies() == 9);
        until(() -> !services.reviews().runningProperty().get());

        services.reviews().setNodes(40 * NODES);
        click(robot, "#desk-review");
        click(robot, "#review-queue");
        click(robot, "#queue-all");
        until(() -> services.reviews().runningProperty().get());
        click(robot, "#queue-pause");
        restart(robot);
        click(robot, "#desk-review");
        click(robot, "#review-queue");
        until(() -> table(robot, "#queue-table").getItems().size() == 8);
        assertThat(services.reviews().runningProperty().get()).isFalse();
        assertThat(isShown(robot, "#queue-go")).isTrue();
    }

    private long done() {
        return services.reviews().entries().stream()
                .filter(e -> e.state() == ReviewStore.State.DONE)
                .count();
    }

    @Test
    void reports_and_figures_come_from_what_was_reviewed(FxRobot robot) throws Exception {
        reviewed(robot);
        Path page = folder.resolve("report.html");
        robot.interact(
                () ->
                        bench.review()
                                .save(bench.review().gameReport().orElseThrow(), page.toFile()));
        until(() -> message(robot).contains("report.html"));
        assertThat(Files.readString(page)).contains("could hold");
        String annotated = bench.review().annotated().orElseThrow();
        assertThat(annotated).contains("Nf6 $4").containsIgnoringWhitespaces("could hold");
        assertThat(pgn()).doesNotContain("could hold");
        click(robot, "#review-figures");
        assertThat(robot.lookup("#figures .number").queryAllAs(Label.class))
                .anyMatch(l -> l.getText().equals("1"));
        click(robot, "#review-player");
        robot.interact(
                () -> robot.lookup("#player").queryComboBox().getSelectionModel().selectFirst());
        until(() -> isShown(robot, "#trend"));
    }

    @Test
    void a_position_is_played_out_and_probed(FxRobot robot) throws Exception {
        robot.interact(
                () -> bench.games().analyse(Position.fromFen("4k3/8/8/8/8/8/8/3QK3 w - - 0 1")));
        click(robot, "#desk-review");
        click(robot, "#review-trial");
        click(robot, "#trial-play");
        until(() -> text(robot, "#trial-outcome").startsWith("1-0"));
        assertThat(bench.review().session().tree().nodes().size()).isGreaterThan(3);
        robot.interact(() -> bench.review().model().go(0));
        click(robot, "#trial-probe");
        until(() -> text(robot, "#trial-outcome").contains("The engine promises White 100"));
        assertThat(text(robot, "#trial-outcome")).contains("White scores 100");
    }
}
