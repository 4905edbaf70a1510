package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.desktop.WindowTest;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;

/** Keys and commands: each key means one thing on a page, and goes to whom it belongs. */
class CommandsTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private List<String> pages(Desk desk) {
        return List.of(
                        "Moments",
                        "Figures",
                        "Player",
                        "Trial",
                        "Queue",
                        "Facts",
                        "Changes",
                        "Squares",
                        "Numbers",
                        "Ending",
                        "Note",
                        "Moves",
                        "Pins",
                        "Checks",
                        "Wish",
                        "What-if",
                        "Active",
                        "Lines",
                        "Map",
                        "Tasks",
                        "Games",
                        "Learn",
                        "Merge",
                        "Replies",
                        "Scheme",
                        "Check",
                        "Find",
                        "Paper",
                        "Answer",
                        "Ladder",
                        "Classroom",
                        "Attempts",
                        "Week",
                        "Strength",
                        "File",
                        "")
                .stream()
                .filter(
                        page -> {
                            desk.showPage(page);
                            return desk.page().equals(page);
                        })
                .toList();
    }

    @Test
    void no_key_means_two_things_on_a_page(FxRobot robot) {
        List<String> twice = new ArrayList<>();
        robot.interact(
                () -> {
                    for (Desk desk : bench.desks().all()) {
                        bench.show(desk.name());
                        for (String page : pages(desk)) {
                            desk.showPage(page);
                            bench.window().commands().stream()
                                    .filter(c -> !c.key().isEmpty())
                                    .collect(Collectors.groupingBy(Command::key))
                                    .forEach(
                                            (key, commands) -> {
                                                if (commands.size() > 1) {
                                                    twice.add(
                                                            desk.name()
                                                                    + " "
                                                                    + page
                                                                    + ": "
                                                                    + key
                                                                    + " "
                                                                    + names(commands));
                                                }
                                            });
                        }
                    }
                });
        assertThat(twice).isEmpty();
    }

    private static List<String> names(List<Command> commands) {
        return commands.stream().map(Command::name).toList();
    }

    @Test
    void the_palette_has_the_commands_of_every_desk(FxRobot robot) {
        List<String> missing = new ArrayList<>();
        robot.interact(
                () -> {
                    bench.show("Games");
                    List<String> all = names(bench.window().palette());
                    for (Desk desk : bench.desks().all()) {
                        for (Command c : desk.commands()) {
                            boolean there =
                                    all.contains(c.name())
                                            || all.contains(desk.name() + ": " + c.name());
                            if (!there) {
                                missing.add(desk.name() + ": " + c.name());
                            }
                        }
                    }
                });
        assertThat(missing).isEmpty();
    }

    private static KeyEvent key(KeyCode code, boolean control) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, control, false, false);
    }

    private static Optional<String> heard(Node focus, KeyCode code, boolean control) {
        List<Command> commands =
                List.of(
                        new Command("on", "Right", () -> {}),
                        new Command("down", "Down", () -> {}),
                        new Command("page", "Page Down", () -> {}),
                        new Command("space", "Space", () -> {}),
                        new Command("delete", "Delete", () -> {}),
                        new Command("undo", "Shortcut+Z", () -> {}),
                        new Command("copy", "Shortcut+C", () -> {}),
                        new Command("letter", "K", () -> {}),
                        new Command("help", "F1", () -> {}));
        return Keys.command(key(code, control), focus, commands, Set.of(KeyCode.PAGE_DOWN))
                .map(Command::name);
    }

    @Test
    void a_key_goes_to_what_has_the_focus_as_far_as_it_has_a_use_for_it(FxRobot robot) {
        robot.interact(
                () -> {
                    Node board = bench.column().board();
                    Node list = new TableView<>();
                    Node choice = new ComboBox<>();
                    Node button = new Button();
                    TextField field = new TextField();
                    ToggleButton tab = new ToggleButton();
                    tab.getStyleClass().add("tab");
                    assertThat(heard(board, KeyCode.RIGHT, false)).contains("on");
                    assertThat(heard(list, KeyCode.RIGHT, false)).contains("on");
                    assertThat(heard(list, KeyCode.DOWN, false)).isEmpty();
                    assertThat(heard(list, KeyCode.DELETE, false)).isEmpty();
                    assertThat(heard(list, KeyCode.K, false)).contains("letter");
                    assertThat(heard(choice, KeyCode.DOWN, false)).isEmpty();
                    assertThat(heard(choice, KeyCode.RIGHT, false)).contains("on");
                    assertThat(heard(button, KeyCode.SPACE, false)).isEmpty();
                    assertThat(heard(button, KeyCode.RIGHT, false)).contains("on");
                    assertThat(heard(tab, KeyCode.RIGHT, false)).isEmpty();
                    assertThat(heard(list, KeyCode.PAGE_DOWN, false))
                            .as("it belongs to what is shown")
                            .contains("page");
                    assertThat(heard(field, KeyCode.K, false)).isEmpty();
                    assertThat(heard(field, KeyCode.DELETE, false)).isEmpty();
                    assertThat(heard(field, KeyCode.F1, false)).contains("help");
                    assertThat(heard(field, KeyCode.PAGE_DOWN, false)).contains("page");
                    assertThat(heard(new TextArea(), KeyCode.PAGE_DOWN, false)).isEmpty();
                    assertThat(heard(field, KeyCode.Z, true)).contains("undo");
                    assertThat(heard(field, KeyCode.C, true)).contains("copy");
                    field.setText("words");
                    field.selectAll();
                    assertThat(heard(field, KeyCode.C, true)).isEmpty();
                });
    }
}
