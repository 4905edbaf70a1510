package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.work.Fx;

/** To whom a key belongs, by what has the focus. */
class KeysTest {

    private static final List<Command> COMMANDS =
            List.of(
                    new Command("Forward", "Right", () -> {}),
                    new Command("Next variation", "Down", () -> {}),
                    new Command("Open", "Enter", () -> {}),
                    new Command("Flip", "F", () -> {}),
                    new Command("Page on", "Page Down", () -> {}),
                    new Command("Take back", "Shortcut+Z", () -> {}),
                    new Command("Copy", "Shortcut+C", () -> {}),
                    new Command("Select all", "Shortcut+A", () -> {}),
                    new Command("Save", "Shortcut+S", () -> {}),
                    new Command("Second page", "Alt+2", () -> {}),
                    new Command("Help", "F1", () -> {}),
                    Command.of("Without a key", () -> {}));

    private static Map<String, Node> nodes;

    @BeforeAll
    static void make() throws Exception {
        FxToolkit.registerPrimaryStage();
        Fx.run(
                () -> {
                    ToggleButton tab = new ToggleButton("page");
                    tab.getStyleClass().add("tab");
                    Button item = new Button("a position found");
                    item.setAccessibleRole(AccessibleRole.LIST_ITEM);
                    nodes =
                            Map.of(
                                    "field", new TextField(),
                                    "area", new TextArea(),
                                    "table", new TableView<>(),
                                    "list", new ListView<>(),
                                    "choice", new ComboBox<>(),
                                    "button", new Button("press"),
                                    "tab", tab,
                                    "item", item,
                                    "label", new Label("words"));
                });
    }

    private static KeyEvent key(String combination) {
        KeyCombination wanted = KeyCombination.valueOf(combination);
        KeyCode code = KeyCode.getKeyCode(combination.substring(combination.lastIndexOf('+') + 1));
        return new KeyEvent(
                KeyEvent.KEY_PRESSED,
                "",
                "",
                code,
                false,
                wanted.getShortcut() == KeyCombination.ModifierValue.DOWN,
                wanted.getAlt() == KeyCombination.ModifierValue.DOWN,
                false);
    }

    private static String command(String key, Node focus, Set<KeyCode> shown) {
        return Keys.command(key(key), focus, COMMANDS, shown).map(Command::name).orElse("");
    }

    @ParameterizedTest(name = "{1} in a {0}")
    @CsvSource({
        "label,  Right, Forward",
        "label,  Enter, Open",
        "label,  K, ''",
        "table,  Right, Forward",
        "table,  Down, ''",
        "table,  Enter, ''",
        "table,  Shortcut+Z, Take back",
        "list,   Down, ''",
        "list,   F, Flip",
        "choice, Down, ''",
        "choice, Page Down, Page on",
        "button, Enter, ''",
        "button, Down, Next variation",
        "item,   Down, ''",
        "item,   Enter, ''",
        "item,   Right, Forward",
        "tab,    Right, ''",
        "tab,    Down, Next variation",
        "tab,    Alt+2, Second page",
        // Who types keeps the letters, and gives back what a field has no use for.
        "field,  F, ''",
        "field,  Right, ''",
        "field,  Page Down, Page on",
        "area,   Page Down, ''",
        "field,  F1, Help",
        "field,  Alt+2, Second page",
        "field,  Shortcut+S, Save",
        "field,  Shortcut+A, ''",
        // Nothing was typed and nothing is marked: the commands are meant.
        "field,  Shortcut+Z, Take back",
        "field,  Shortcut+C, Copy",
    })
    void a_key_belongs_to_the_focus_as_far_as_it_has_a_use_for_it(
            String focus, String key, String command) {
        assertThat(command(key, nodes.get(focus), Set.of())).isEqualTo(command);
    }

    @Test
    void without_a_focus_every_key_is_a_command() {
        assertThat(command("Down", null, Set.of())).isEqualTo("Next variation");
    }

    @Test
    void what_was_typed_is_taken_back_first_and_what_is_marked_is_copied() {
        Fx.run(
                () -> {
                    TextField field = new TextField();
                    field.appendText("words");
                    field.selectAll();
                    assertThat(command("Shortcut+C", field, Set.of())).isEmpty();
                    field.deselect();
                    assertThat(command("Shortcut+C", field, Set.of())).isEqualTo("Copy");
                    assertThat(field.isUndoable()).isTrue();
                    assertThat(command("Shortcut+Z", field, Set.of())).isEmpty();
                });
    }

    @Test
    void what_is_being_shown_has_its_keys_wherever_the_focus_is_but_in_a_field() {
        Set<KeyCode> shown = Set.of(KeyCode.ENTER);
        assertThat(command("Enter", nodes.get("table"), shown)).isEqualTo("Open");
        assertThat(command("Enter", nodes.get("field"), shown)).isEmpty();
        assertThat(Keys.command(key("Down"), nodes.get("table"), COMMANDS, shown))
                .isEqualTo(Optional.empty());
    }
}
