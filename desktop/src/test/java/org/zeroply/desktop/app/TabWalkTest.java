package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.Slider;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zeroply.desktop.WindowTest;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.library.sample.SampleLibrary;

/** Whoever has no mouse reaches everything with Tab, and hears what it is. */
class TabWalkTest extends WindowTest {

    private static final int MOST_STEPS = 250;
    private static final int MOST_WALKS = 10;

    @Start
    void start(Stage shown) {
        begin(shown, SampleLibrary::unpack);
    }

    @Test
    void every_control_of_every_desk_is_reached_with_name_and_role(FxRobot robot) {
        List<String> problems = new ArrayList<>();
        for (Desk desk : bench.desks().all()) {
            robot.interact(() -> bench.show(desk.name()));
            WaitForAsyncUtils.waitForFxEvents();
            Set<Node> reached = walkUndisturbed(robot);
            robot.interact(
                    () -> {
                        for (Node node : collect(bench, new ArrayList<>())) {
                            if (!isReached(node, reached)) {
                                problems.add(desk.name() + ": Tab does not reach " + told(node));
                            }
                        }
                        for (Node node : reached) {
                            if (name(node).isBlank()) {
                                problems.add(desk.name() + ": no name has " + told(node));
                            }
                            if (node.getAccessibleRole() == AccessibleRole.NODE) {
                                problems.add(desk.name() + ": no role has " + told(node));
                            }
                        }
                    });
        }
        assertThat(problems).isEmpty();
    }

    /** A walk on which no control came or went: some come with what is found behind the window. */
    private Set<Node> walkUndisturbed(FxRobot robot) {
        for (int i = 0; i < MOST_WALKS; i++) {
            List<Node> before = controls(robot);
            Set<Node> reached = walk(robot);
            if (controls(robot).equals(before)) {
                return reached;
            }
        }
        throw new AssertionError("controls come and go all the time");
    }

    private List<Node> controls(FxRobot robot) {
        List<Node> found = new ArrayList<>();
        robot.interact(() -> collect(bench, found));
        return found;
    }

    /** What has the focus in turn while Tab is pressed, until it comes round. */
    private Set<Node> walk(FxRobot robot) {
        Set<Node> reached = new LinkedHashSet<>();
        for (int i = 0; i < MOST_STEPS; i++) {
            robot.press(KeyCode.TAB).release(KeyCode.TAB);
            WaitForAsyncUtils.waitForFxEvents();
            Node owner = bench.getScene().getFocusOwner();
            if (owner == null || !reached.add(owner) && i > 2 && owner.equals(first(reached))) {
                break;
            }
        }
        return reached;
    }

    /** Of buttons of which one is chosen Tab reaches that one, and the arrow keys the others. */
    private static boolean isReached(Node node, Set<Node> reached) {
        if (node instanceof ToggleButton toggle && toggle.getToggleGroup() != null) {
            return toggle.getToggleGroup().getToggles().stream().anyMatch(reached::contains);
        }
        return reached.contains(node);
    }

    private static Node first(Set<Node> nodes) {
        return nodes.iterator().next();
    }

    /**
     * What one can do something with, as far as it is on the screen; cells belong to their list.
     */
    private static List<Node> collect(Parent parent, List<Node> found) {
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (!node.isVisible() || node.isDisabled() || node instanceof ScrollBar) {
                continue;
            }
            if (isControl(node)) {
                found.add(node);
            } else if (node instanceof Parent inner && !(node instanceof IndexedCell<?>)) {
                collect(inner, found);
            }
        }
        return found;
    }

    private static boolean isControl(Node node) {
        return node instanceof ButtonBase
                || node instanceof TextInputControl
                || node instanceof ComboBoxBase<?>
                || node instanceof TableView<?>
                || node instanceof ListView<?>
                || node instanceof Slider
                || node instanceof BoardView
                || node instanceof LineSheetView;
    }

    private static String name(Node node) {
        if (node.getAccessibleText() != null) {
            return node.getAccessibleText();
        }
        if (node instanceof Labeled labeled && labeled.getText() != null) {
            return labeled.getText();
        }
        if (node instanceof Control control && control.getTooltip() != null) {
            return control.getTooltip().getText();
        }
        return "";
    }

    private static String told(Node node) {
        return node.getClass().getSimpleName() + " #" + node.getId() + " " + node.getStyleClass();
    }
}
