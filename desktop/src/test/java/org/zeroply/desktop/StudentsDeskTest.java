package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.library.student.Student;

/** The roster, the card, and what happens to them. */
class StudentsDeskTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private Student only() {
        assertThat(services.library().students().all()).hasSize(1);
        return services.library().students().all().get(0);
    }

    private void type(FxRobot robot, String id, String text) {
        robot.interact(
                () -> {
                    var field = robot.lookup(id).queryTextInputControl();
                    field.requestFocus();
                    field.setText(text);
                });
        robot.type(KeyCode.ENTER);
    }

    @Test
    void a_namesake_is_asked_about_and_nobody_is_made_of_nothing(FxRobot robot) throws Exception {
        services.library().students().add("Nora Tidewell", 1420);
        click(robot, "#desk-students");
        until(() -> table(robot, "#students-table").getItems().size() == 1);
        click(robot, "#student-new");
        until(() -> isShown(robot, "#new-student-name"));
        type(robot, "#new-student-name", "  ");
        assertThat(label(robot, "#new-student-problem")).contains("needs a name");
        type(robot, "#new-student-name", "nora tidewell");
        assertThat(label(robot, "#new-student-problem")).contains("in the roster already");
        assertThat(only().name()).isEqualTo("Nora Tidewell");
        click(robot, "#student-add");
        until(() -> services.library().students().all().size() == 2);
        until(() -> table(robot, "#students-table").getItems().size() == 2);
        assertThat(table(robot, "#students-table").getSelectionModel().getSelectedIndex())
                .as("who is new is looked at")
                .isEqualTo(1);
    }

    @Test
    void name_and_rating_are_changed_in_place_and_back(FxRobot robot) throws Exception {
        services.library().students().add("Nora", 1420);
        click(robot, "#desk-students");
        until(() -> robot.lookup("#student-name").queryTextInputControl().getText().equals("Nora"));
        type(robot, "#student-rating", "1480");
        until(() -> only().rating() == 1480);
        type(robot, "#student-name", "Nora Tidewell");
        until(() -> only().name().equals("Nora Tidewell"));
        type(robot, "#student-rating", "strong");
        until(() -> message(robot).contains("the rating is a number"));
        TextInputControl rating = robot.lookup("#student-rating").queryTextInputControl();
        assertThat(rating.getText()).as("to be corrected").isEqualTo("strong");
        robot.interact(() -> robot.lookup("#student-name").query().requestFocus());
        assertThat(rating.getText()).isEqualTo("1480");
        robot.interact(() -> bench.runCommand("Undo"));
        until(() -> only().name().equals("Nora"));
        robot.interact(() -> bench.runCommand("Undo"));
        until(() -> only().rating() == 1420);
        robot.interact(() -> bench.runCommand("Redo"));
        until(() -> only().rating() == 1480);
    }

    @Test
    void a_student_is_found_from_any_desk_by_the_palette(FxRobot robot) throws Exception {
        services.library().students().add("Jonas Quay", 1655);
        services.library().students().add("Nora Tidewell", 1420);
        click(robot, "#desk-students");
        until(() -> table(robot, "#students-table").getItems().size() == 2);
        robot.interact(() -> bench.runCommand("Lab"));
        robot.interact(() -> assertThat(bench.runCommand("Student Nora Tidewell")).isTrue());
        until(() -> bench.frontName().equals("Students"));
        until(
                () ->
                        robot.lookup("#student-name")
                                .queryTextInputControl()
                                .getText()
                                .equals("Nora Tidewell"));
    }
}
