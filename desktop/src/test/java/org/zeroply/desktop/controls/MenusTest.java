package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import org.zeroply.desktop.work.Fx;

class MenusTest {

    private final List<String> done = new ArrayList<>();
    private final List<Command> commands =
            List.of(
                    new Command("Set up", "Shortcut+E", () -> done.add("set up")),
                    Menus.LINE,
                    Command.of("Put away_now", () -> done.add("put away")));

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @Test
    void a_menu_has_the_commands_with_their_keys_and_lines_between_groups() {
        Fx.run(
                () -> {
                    ContextMenu menu = Menus.of(commands);
                    assertThat(menu.getItems())
                            .extracting(MenuItem::getText)
                            .containsExactly("Set up    Ctrl+E", null, "Put away_now");
                    assertThat(menu.getItems().get(1)).isInstanceOf(SeparatorMenuItem.class);
                    assertThat(menu.getItems().get(0).getId()).isEqualTo("menu-set-up");
                    menu.getItems().get(2).fire();
                    menu.getItems().get(0).fire();
                });
        assertThat(done).containsExactly("put away", "set up");
    }

    @Test
    void a_menu_that_is_filled_again_has_only_what_is_new() {
        Fx.run(
                () -> {
                    ContextMenu menu = Menus.of(commands);
                    Menus.fill(menu, commands.subList(0, 1));
                    assertThat(menu.getItems()).hasSize(1);
                    assertThat(Menus.button("more", "More", commands).getItems()).hasSize(3);
                });
    }

    @ParameterizedTest
    @CsvSource({
        "Shortcut+Z, Ctrl+Z",
        "Shortcut+Minus, Ctrl+-",
        "Shortcut+Shift+Equals, Ctrl+Shift++",
        "F1, F1",
        "'', ''",
    })
    void a_key_is_shown_as_it_stands_on_the_keyboard(String key, String shown) {
        assertThat(new Command("x", key, () -> {}).keyText()).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"Hyper+Z", "Shortcut+Nothing", "+"})
    void a_command_that_would_never_be_heard_is_refused(String key) {
        assertThatThrownBy(() -> new Command("x", key, () -> {}))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
