package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What is kept is read again while somebody types. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class FieldTextTest {

    private TextField field;
    private Button elsewhere;

    @Start
    void start(Stage stage) {
        field = new TextField();
        elsewhere = new Button("elsewhere");
        stage.setScene(new Scene(new VBox(field, elsewhere), 200, 100));
        stage.show();
    }

    private String shown(FxRobot robot, Object of, String text) {
        robot.interact(() -> FieldText.show(field, of, text));
        return field.getText();
    }

    private void typed(FxRobot robot, String text) {
        robot.interact(field::requestFocus);
        robot.interact(field::end);
        robot.write(text);
    }

    @Test
    void what_was_typed_and_not_taken_over_stays(FxRobot robot) {
        shown(robot, 1, "Fork");
        typed(robot, "s");
        assertThat(shown(robot, 1, "Fork")).isEqualTo("Forks");
        assertThat(shown(robot, 1, "Pin")).as("changed meanwhile").isEqualTo("Forks");
    }

    @Test
    void what_was_taken_over_is_shown_as_it_becomes(FxRobot robot) {
        shown(robot, 1, "Fork");
        typed(robot, "s");
        assertThat(shown(robot, 1, "Forks")).isEqualTo("Forks");
        assertThat(field.isUndoable()).as("letter by letter").isFalse();
        assertThat(field.getCaretPosition()).isEqualTo(5);
        assertThat(shown(robot, 1, "Fork")).as("taken back").isEqualTo("Fork");
    }

    @Test
    void a_field_that_was_left_or_is_of_something_else_shows_what_is_there(FxRobot robot) {
        shown(robot, 1, "Fork");
        typed(robot, "s");
        assertThat(shown(robot, 2, "Pin")).isEqualTo("Pin");
        typed(robot, "s");
        robot.interact(elsewhere::requestFocus);
        assertThat(shown(robot, 2, "Pin")).isEqualTo("Pin");
    }
}
