package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Marker;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.work.ExerciseSearch;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;

/** Drives the Exercises desk, and what the coach decides about answers, in the real window. */
class ExercisesDeskTest extends WindowTest {

    static final String SCHEME =
            """
            [ZpKind "calculation"]
            [ZpTitle "Two rooks"]
            [ZpMaxPoints "12"]
            [ZpThemes "back rank"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w - - 0 1"]

            1. Ra8# {[%zp.pts 10]} (1. h3 {[%zp.tempting]} g6 {[%zp.check cp=900 depth=9 nodes=9
            by=zeroply-0.3]}) (1. g3 h6 {[%zp.pts 2]}) *

            """;

    @Start
    void start(Stage shown) {
        begin(shown);
        services.library().settings().put(ExerciseSearch.NODES, 200000L);
        services.library().settings().put(Services.EXERCISE_NODES, 8000L);
    }

    private TreeSession session() {
        return bench.exercises().session();
    }

    private void openScheme(FxRobot robot) throws Exception {
        services.library().sheets().add(SCHEME);
        click(robot, "#desk-exercises");
        until(() -> session().id().isPresent() && isShown(robot, "#draft-branch"));
        until(() -> isOnSheet(robot, 1, "Ra8") || session().tree().nodes().size() == 6);
    }

    private static String written(MoveTree tree) {
        return PgnWriter.write(tree).replace('\n', ' ');
    }

    private static List<String> rows(FxRobot robot, String id) {
        return robot.lookup(id).<ListView<?>>query().getItems().stream()
                .map(Object::toString)
                .toList();
    }

    @Test
    void what_could_not_be_saved_is_still_there_on_coming_back_to_the_desk(FxRobot robot)
            throws Exception {
        openScheme(robot);
        try (Connection other =
                DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("test.zpl"))) {
            other.createStatement().execute("BEGIN IMMEDIATE");
            robot.interact(
                    () ->
                            session()
                                    .editor()
                                    .comment(session().tree().root().mainLineEnd(), "kept"));
            robot.interact(() -> bench.flush());
            until(() -> !services.saves().problemProperty().get().isEmpty());
            robot.interact(() -> bench.show("Games"));
            robot.interact(() -> bench.show("Exercises"));
            boolean[] read = {false};
            robot.interact(() -> services.scheduler().library(() -> true, done -> read[0] = true));
            until(() -> read[0]);
            assertThat(session().tree().root().mainLineEnd().annotation().after())
                    .isEqualTo("kept");
            other.createStatement().execute("ROLLBACK");
        }
    }

    @Test
    void a_second_solution_is_told_played_and_taken_in_as_equal(FxRobot robot) throws Exception {
        openScheme(robot);
        click(robot, "#exercises-check");
        click(robot, "#soundness-check");
        until(() -> rows(robot, "#soundness").stream().anyMatch(r -> r.contains("1.Re8#")));
        ListView<?> list = robot.lookup("#soundness").query();
        int index =
                rows(robot, "#soundness").stream()
                        .filter(r -> r.contains("1.Re8#"))
                        .map(rows(robot, "#soundness")::indexOf)
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> list.getSelectionModel().select(index));
        click(robot, "#soundness-step");
        until(() -> label(robot, "#soundness-verdict").startsWith("Changed since"));
        click(robot, "#exercises-scheme");
        until(() -> written(session().tree()).contains("1. Re8# {[%zp.equal]}"));
    }

    @Test
    void the_aim_is_chosen_and_follows_undo(FxRobot robot) throws Exception {
        openScheme(robot);
        click(robot, "#scheme-more");
        ComboBox<Optional<Aim>> aim = robot.lookup("#scheme-aim").query();
        assertThat(aim.getValue()).isEmpty();
        assertThat(session().editor().canUndo()).as("showing is no change").isFalse();
        robot.interact(() -> aim.getSelectionModel().select(Optional.of(Aim.MATE)));
        assertThat(session().tree().tag("ZpAim")).isEqualTo("mate");
        robot.interact(() -> session().editor().undo());
        assertThat(session().tree().tag("ZpAim")).isEmpty();
        assertThat(aim.getValue()).isEmpty();
    }

    @Test
    void a_branch_is_drafted_anew_and_undone_as_one_change(FxRobot robot) throws Exception {
        openScheme(robot);
        click(robot, "#scheme-more");
        click(robot, "#scheme-near");
        assertThat(Exercise.of(session().tree()).toleratesOneStep()).isTrue();
        robot.interact(() -> session().editor().undo());
        String before = PgnWriter.write(session().tree());
        robot.interact(() -> session().go(session().tree().root().children().get(2)));
        boolean undoable = session().editor().canUndo();
        click(robot, "#draft-branch");
        until(() -> !services.scheduler().isBusy() && !message(robot).isEmpty());
        until(() -> message(robot).contains("drafted anew") || message(robot).contains("Nothing"));
        Node branch = session().tree().root().children().get(2);
        assertThat(PgnWriter.write(session().tree())).contains("1. Ra8# {[%zp.pts 10]}");
        assertThat(undoable).isFalse();
        if (session().editor().canUndo()) {
            assertThat(branch.children()).isNotEmpty();
            robot.interact(() -> session().editor().undo());
        }
        assertThat(PgnWriter.write(session().tree())).isEqualTo(before);
    }

    @Test
    void a_sheet_for_paper_lists_the_exercises_and_offers_the_students(FxRobot robot)
            throws Exception {
        services.library().students().add("Greta Shoal", 1500);
        openScheme(robot);
        click(robot, "#exercises-paper");
        until(() -> table(robot, "#paper-table").getItems().size() == 1);
        until(() -> robot.lookup("#paper-student").queryComboBox().getItems().size() == 2);
        assertThat(table(robot, "#paper-table").getSelectionModel().getSelectedItems()).hasSize(1);
    }

    @Test
    void strength_and_what_to_expect_are_shown_for_every_exercise(FxRobot robot) throws Exception {
        attempt();
        click(robot, "#desk-students");
        click(robot, "#students-strength");
        until(() -> table(robot, "#strength-table").getItems().size() == 1);
        until(() -> label(robot, "#strength-words").startsWith("Greta Shoal solves like 15"));
        until(() -> isShown(robot, "#score-plot"));
    }

    @Test
    void a_week_is_proposed_solved_in_other_clothes_and_gone_through(FxRobot robot)
            throws Exception {
        Attempt missed = attempt();
        services.library().attempts().decide(missed, List.of(Ruling.item(0, 0, "guessed")));
        click(robot, "#desk-students");
        click(robot, "#students-week");
        until(() -> label(robot, "#plan-words").contains("1 that was missed is due again"));
        click(robot, "#plan-propose");
        until(() -> assignments().size() == 1);
        Assignment proposed = assignments().get(0);
        assertThat(proposed.name()).isEqualTo("Two rooks (mirrored)");
        click(robot, "#assignment-" + proposed.id());
        click(robot, "#plan-later");
        until(() -> assignments().get(0).dueDay() == proposed.dueDay() + 1);
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> assignments().get(0).dueDay() == proposed.dueDay());
        String card = "#assignment-" + proposed.id();
        until(() -> robot.lookup(card).tryQuery().isPresent());
        robot.drag(card).dropTo("#plan-day-5");
        until(() -> robot.lookup("#plan-day-5 " + card).tryQuery().isPresent());
        assertThat(assignments().get(0).dueDay()).isNotEqualTo(proposed.dueDay());
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> assignments().get(0).dueDay() == proposed.dueDay());

        click(robot, "#desk-solve");
        ComboBox<?> exercise = robot.lookup("#solve-exercise").queryComboBox();
        ComboBox<?> student = robot.lookup("#solve-student").queryComboBox();
        until(() -> !student.getItems().isEmpty());
        robot.interact(() -> student.getSelectionModel().select(0));
        until(() -> exercise.getItems().size() == 2);
        robot.interact(() -> exercise.getSelectionModel().select(0));
        until(() -> ((Label) bench.lookup(".prompt")).getText().contains("12 points"));
        click(robot, "#begin");
        until(() -> isShown(robot, "#row-1"));
        write(robot, "#row-1", "1.Rh8#");
        click(robot, "#commit");
        until(() -> isShown(robot, "#marked-points"));
        assertThat(label(robot, "#marked-points")).isEqualTo("10 of 12 points");

        click(robot, "#desk-students");
        until(() -> robot.lookup(".week-card .faded").tryQuery().isPresent());
        until(() -> assignments().get(0).state() == Assignment.State.DONE);
        click(robot, "#assignment-" + proposed.id());
        click(robot, "#plan-marked");
        until(() -> assignments().get(0).state() == Assignment.State.MARKED);
        click(robot, "#students-strength");
        until(() -> isShown(robot, "#theme-plot"));
    }

    private List<Assignment> assignments() {
        return services.library().assignments().of(services.library().students().all().get(0).id());
    }

    // ---- What the coach decides -----------------------------------------------------------------

    private Attempt attempt() {
        Student student = services.library().students().add("Greta Shoal", 1500);
        long id = services.library().sheets().add(SCHEME);
        MoveTree tree = SheetStore.parse(SCHEME);
        String answer = "1.Ra8\n1.Rad1 h6";
        MarkedSheet sheet =
                new Marker(Exercise.of(tree), Optional.empty())
                        .mark(WrittenAnswer.parse(tree.start(), answer), new Cancellation());
        services.library()
                .attempts()
                .add(
                        new Attempt(
                                0,
                                "attempt-1",
                                student.id(),
                                new WrittenWork(
                                        OptionalLong.of(id),
                                        "Two rooks",
                                        SCHEME,
                                        Instant.parse("2026-05-01T10:00:00Z"),
                                        60,
                                        answer),
                                Marking.of(sheet)));
        return services.library().attempts().of(student.id()).get(0);
    }

    private Attempt stored(Attempt attempt) {
        return services.library().attempts().of(attempt.studentId()).get(0);
    }

    @Test
    void the_coach_overrules_an_item_with_a_note_and_takes_it_back(FxRobot robot) throws Exception {
        Attempt attempt = attempt();
        click(robot, "#desk-students");
        until(() -> isShown(robot, "#overrule-0"));
        assertThat(label(robot, "#marked-points")).isEqualTo("10 of 12 points");
        click(robot, "#overrule-0");
        until(() -> isShown(robot, "#ruling-points"));
        robot.interact(
                () -> {
                    robot.lookup("#ruling-points").<TextField>query().setText("7");
                    robot.lookup("#ruling-note").<TextField>query().setText("found late");
                });
        click(robot, "#ruling-keep");
        until(() -> label(robot, "#marked-points").equals("7 of 12 points"));
        assertThat(stored(attempt).marking().points()).isEqualTo(7);
        assertThat(stored(attempt).marking().sheet()).isEqualTo(attempt.marking().sheet());
        assertThat(stored(attempt).marking().ruled().items().get(0).why()).endsWith("found late");
        restart(robot);
        click(robot, "#desk-students");
        click(robot, "#withdraw-0");
        until(() -> label(robot, "#marked-points").equals("10 of 12 points"));
        assertThat(stored(attempt).marking().rulings()).isEmpty();
    }

    @Test
    void a_row_is_granted_and_its_line_becomes_part_of_the_scheme(FxRobot robot) throws Exception {
        Attempt attempt = attempt();
        long id = attempt.work().exerciseId().orElseThrow();
        click(robot, "#desk-students");
        until(() -> isShown(robot, "#grant-2"));
        robot.interact(() -> robot.lookup("#grant-2").queryButton().fire());
        until(() -> isShown(robot, "#withdraw-row-2"));
        assertThat(stored(attempt).marking().points()).isEqualTo(12);
        assertThat(stored(attempt).marking().ruled().rows().get(1).status())
                .isEqualTo(MarkedSheet.Status.GRANTED);
        String scheme = written(services.library().sheets().load(id));
        assertThat(scheme).contains("1. Rad1 {[%zp.equal] From an answer.}");
        assertThat(stored(attempt).work().scheme()).isEqualTo(SCHEME);
    }
}
