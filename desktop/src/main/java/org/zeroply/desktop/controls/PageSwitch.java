package org.zeroply.desktop.controls;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The pages of a desk: a button for each, and Alt with its number. */
public final class PageSwitch {

    private final String desk;
    private final Consumer<String> show;
    private final Map<String, Region> pages = new LinkedHashMap<>();
    private final ToggleGroup buttons = new ToggleGroup();

    /**
     * @param desk name of the desk; in small letters it begins the ids of the buttons
     * @param show brings a page to the front
     */
    public PageSwitch(String desk, Consumer<String> show) {
        this.desk = desk;
        this.show = show;
    }

    /** Adds a page; the first one is number 1. */
    public void add(String name, Region page) {
        VBox.setVgrow(page, Priority.ALWAYS);
        pages.put(name, page);
    }

    /** The page of a name. */
    public Region page(String name) {
        return pages.get(name);
    }

    /** A row with a button for each page. */
    public HBox row() {
        HBox row = Widgets.row();
        for (String name : pages.keySet()) {
            ToggleButton button = new ToggleButton(name);
            button.setId((desk + "-" + name).toLowerCase(Locale.ROOT));
            button.setToggleGroup(buttons);
            button.setUserData(name);
            button.setFocusTraversable(false);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(e -> show.accept(name));
            row.getChildren().add(button);
        }
        return row;
    }

    /** Marks the button of the page in front. */
    public void mark(String name) {
        buttons.getToggles().stream()
                .filter(t -> t.getUserData().equals(name))
                .forEach(t -> t.setSelected(true));
    }

    /** A command for each page. */
    public List<Desk.Command> commands() {
        List<Desk.Command> commands = new ArrayList<>();
        int number = 1;
        for (String name : pages.keySet()) {
            commands.add(
                    new Desk.Command(
                            desk + ": " + name, "Alt+" + number++, () -> show.accept(name)));
        }
        return commands;
    }
}
