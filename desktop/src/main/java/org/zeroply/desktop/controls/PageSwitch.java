package org.zeroply.desktop.controls;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The pages of a desk and which of them is in front: a tab for each, and Alt with its number. */
public final class PageSwitch {

    /** More tabs than these stand closer, so that the action has room beside them. */
    private static final int A_FEW = 7;

    private static final PseudoClass MANY = PseudoClass.getPseudoClass("many");

    private final String desk;
    private final Consumer<String> turned;
    private final Map<String, Region> pages = new LinkedHashMap<>();
    private final Map<String, Node> primary = new HashMap<>();
    private final ToggleGroup tabs = new ToggleGroup();
    private final StackPane corner = new StackPane();
    private final VBox place = new VBox();
    private String front = "";

    /**
     * @param desk name of the desk; in small letters it begins the ids of the tabs
     * @param turned called when a page came to the front, also with the one that was there
     */
    public PageSwitch(String desk, Consumer<String> turned) {
        this.desk = desk;
        this.turned = turned;
        VBox.setVgrow(place, Priority.ALWAYS);
    }

    /** Adds a page; the first one is number 1. */
    public void add(String name, Region page) {
        VBox.setVgrow(page, Priority.ALWAYS);
        pages.put(name, page);
    }

    /** Whether there is a page of this name. */
    public boolean has(String name) {
        return pages.containsKey(name);
    }

    /** Brings a page to the front. */
    public void show(String name) {
        front = name;
        place.getChildren().setAll(pages.get(name));
        mark(name);
        turned.accept(name);
    }

    /** The name of the page in front; empty before the first one is shown. */
    public String front() {
        return front;
    }

    /** Whether this page is in front. */
    public boolean isFront(String name) {
        return front.equals(name);
    }

    /** Where the page in front stands. */
    public VBox place() {
        return place;
    }

    /** The one action a page is for; it stands in the same corner on every page that has one. */
    public void setPrimary(String name, Node action) {
        primary.put(name, action);
    }

    /** Takes a button out of its page into the corner, as the one action the page is for. */
    public void lift(String name, String id) {
        Node action = pages.get(name).lookup(id);
        ((Pane) action.getParent()).getChildren().remove(action);
        action.getStyleClass().add("primary");
        setPrimary(name, action);
    }

    /** A row with a tab for each page, and in its right corner the action of the page in front. */
    public HBox row() {
        return Widgets.row(tabs(), Widgets.spacer(), corner);
    }

    /**
     * The same with a word between, such as what goes on; it takes what room is left.
     *
     * @param state the word
     */
    public HBox row(Label state) {
        state.setMinWidth(0);
        state.setPrefWidth(0);
        state.setMaxWidth(Double.MAX_VALUE);
        state.setAlignment(Pos.CENTER_RIGHT);
        HBox.setHgrow(state, Priority.ALWAYS);
        // A word of which no letter is to be read is none.
        state.visibleProperty().bind(state.widthProperty().greaterThan(1));
        return Widgets.row(tabs(), state, corner);
    }

    private HBox tabs() {
        HBox row = new Bar(2);
        row.getStyleClass().add("tabs");
        row.pseudoClassStateChanged(MANY, pages.size() > A_FEW);
        for (String name : pages.keySet()) {
            ToggleButton tab = new ToggleButton(name);
            tab.setId((desk + "-" + name).toLowerCase(Locale.ROOT));
            tab.getStyleClass().add("tab");
            tab.setAccessibleRole(AccessibleRole.TAB_ITEM);
            tab.setToggleGroup(tabs);
            tab.setUserData(name);
            tab.setMinWidth(Region.USE_PREF_SIZE);
            tab.setOnAction(e -> show(name));
            // Along the tabs with the arrows, as along those of a card index.
            tab.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
            row.getChildren().add(tab);
        }
        return row;
    }

    private void key(KeyEvent e) {
        int by = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (by == 0 || e.isAltDown() || e.isShortcutDown()) {
            return;
        }
        int now = tabs.getToggles().indexOf((ToggleButton) e.getSource());
        int next = now + by;
        if (next >= 0 && next < tabs.getToggles().size()) {
            ToggleButton tab = (ToggleButton) tabs.getToggles().get(next);
            tab.requestFocus();
            tab.fire();
        }
        e.consume();
    }

    /** Marks the tab of the page in front; a tab alone can be reached with the Tab key. */
    private void mark(String name) {
        Node action = primary.get(name);
        corner.getChildren().setAll(action == null ? List.of() : List.of(action));
        tabs.getToggles()
                .forEach(
                        t -> {
                            boolean here = t.getUserData().equals(name);
                            t.setSelected(here);
                            ((ToggleButton) t).setFocusTraversable(here);
                        });
    }

    /** A command for each page. */
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>();
        int number = 1;
        for (String name : pages.keySet()) {
            commands.add(new Command(desk + ": " + name, "Alt+" + number++, () -> show(name)));
        }
        return commands;
    }
}
