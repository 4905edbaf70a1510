package org.zeroply.desktop.app;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The margin on the left: the desks in the order of the work, and what belongs to the window. */
final class Margin extends VBox {

    private final ToggleGroup desks = new ToggleGroup();

    /**
     * @param go brings a desk to the front
     * @param palette opens the palette of commands
     * @param window what the menu of the window has
     */
    Margin(List<Desk> all, Consumer<Desk> go, Runnable palette, Supplier<List<Command>> window) {
        super(2);
        getStyleClass().add("margin");
        Label name = new Label("Zero\nPly");
        name.getStyleClass().add("program-name");
        getChildren().add(name);
        int number = 1;
        for (Desk desk : all) {
            ToggleButton button = new ToggleButton(desk.name());
            button.setId("desk-" + desk.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(desks);
            button.setUserData(desk);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setTooltip(new Tooltip("Ctrl+" + number++));
            button.setOnAction(e -> go.accept(desk));
            getChildren().add(button);
        }
        Region gap = new Region();
        VBox.setVgrow(gap, Priority.ALWAYS);
        Button commands = Widgets.button("palette", Texts.of("app.commands"), palette);
        commands.setTooltip(new Tooltip(Texts.of("app.everything-that-can-be-done")));
        Button menu = Widgets.button("window-menu", Texts.of("app.window"), () -> {});
        menu.setOnAction(e -> Menus.of(window.get()).show(menu, Side.RIGHT, 0, 0));
        for (Button button : List.of(commands, menu)) {
            button.setMaxWidth(Double.MAX_VALUE);
        }
        getChildren().addAll(gap, commands, menu);
    }

    /** Marks the desk in front. */
    void mark(Desk front) {
        desks.getToggles().forEach(t -> t.setSelected(t.getUserData().equals(front)));
    }
}
