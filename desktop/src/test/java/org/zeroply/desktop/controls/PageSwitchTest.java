package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.zeroply.desktop.work.Fx;

class PageSwitchTest {

    private final List<String> turned = new ArrayList<>();
    private final Region facts = new Region();
    private final VBox changes = new VBox();
    private PageSwitch pages;
    private HBox row;

    @BeforeEach
    void make() throws Exception {
        FxToolkit.registerPrimaryStage();
        Fx.run(
                () -> {
                    pages = new PageSwitch("Lab", turned::add);
                    pages.add("Facts", facts);
                    pages.add("Changes", changes);
                    row = pages.row();
                    pages.show("Facts");
                });
    }

    private ToggleButton tab(String name) {
        return (ToggleButton) row.lookup("#lab-" + name);
    }

    private static void press(ToggleButton tab, KeyCode code) {
        tab.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
    }

    @Test
    void one_page_is_in_front_and_its_tab_alone_is_reached_with_tab() {
        assertThat(pages.front()).isEqualTo("Facts");
        assertThat(pages.place().getChildren()).containsExactly(facts);
        Fx.run(() -> tab("changes").fire());
        assertThat(pages.isFront("Changes")).isTrue();
        assertThat(pages.place().getChildren()).containsExactly(changes);
        assertThat(tab("changes").isFocusTraversable()).isTrue();
        assertThat(tab("facts").isFocusTraversable()).isFalse();
        assertThat(tab("facts").isSelected()).isFalse();
        assertThat(tab("facts").getAccessibleRole()).isEqualTo(AccessibleRole.TAB_ITEM);
        assertThat(turned).containsExactly("Facts", "Changes");
        assertThat(pages.has("Facts")).isTrue();
        assertThat(pages.has("facts")).isFalse();
    }

    @Test
    void a_tab_pressed_again_stays_and_tells_so() {
        Fx.run(() -> tab("facts").fire());
        assertThat(tab("facts").isSelected()).isTrue();
        assertThat(turned).containsExactly("Facts", "Facts");
    }

    @Test
    void arrows_go_along_the_tabs_and_end_at_the_last() {
        Fx.run(() -> press(tab("facts"), KeyCode.RIGHT));
        assertThat(pages.front()).isEqualTo("Changes");
        Fx.run(() -> press(tab("changes"), KeyCode.RIGHT));
        assertThat(pages.front()).isEqualTo("Changes");
        Fx.run(() -> press(tab("changes"), KeyCode.LEFT));
        assertThat(pages.front()).isEqualTo("Facts");
        Fx.run(() -> press(tab("facts"), KeyCode.LEFT));
        assertThat(pages.front()).isEqualTo("Facts");
    }

    @Test
    void each_page_has_a_command_with_its_number() {
        assertThat(pages.commands())
                .extracting(c -> c.name() + " " + c.key())
                .containsExactly("Lab: Facts Alt+1", "Lab: Changes Alt+2");
        Fx.run(() -> pages.commands().get(1).action().run());
        assertThat(pages.front()).isEqualTo("Changes");
    }

    @Test
    void the_one_action_of_a_page_stands_in_the_corner_while_the_page_is_in_front() {
        Button go = new Button("Go");
        go.setId("go");
        Fx.run(
                () -> {
                    changes.getChildren().add(go);
                    pages.lift("Changes", "#go");
                });
        assertThat(changes.getChildren()).isEmpty();
        assertThat(go.getStyleClass()).contains("primary");
        assertThat(row.lookup("#go")).isNull();
        Fx.run(() -> pages.show("Changes"));
        assertThat(row.lookup("#go")).isSameAs(go);
        Fx.run(() -> pages.show("Facts"));
        assertThat(row.lookup("#go")).isNull();
    }
}
