package org.zeroply.desktop.controls;

import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.Region;

/** Context menus made of the commands that the palette has too. */
public final class Menus {

    /** A line between groups of commands. */
    public static final Command LINE = Command.of("", () -> {});

    private Menus() {}

    /** Puts commands in the place of what a menu has. */
    public static void fill(ContextMenu menu, List<Command> commands) {
        menu.getItems().setAll(items(commands));
    }

    private static List<MenuItem> items(List<Command> commands) {
        return commands.stream()
                .map(c -> c.equals(LINE) ? new SeparatorMenuItem() : item(c))
                .toList();
    }

    /** A button that opens a menu with these commands. */
    public static MenuButton button(String id, String text, List<Command> commands) {
        MenuButton button = new MenuButton(text);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.getItems().setAll(items(commands));
        return button;
    }

    private static MenuItem item(Command command) {
        String key = command.key().isEmpty() ? "" : "    " + command.keyText();
        MenuItem item = new MenuItem(command.name() + key);
        item.setId("menu-" + command.name().toLowerCase(Locale.ROOT).replace(' ', '-'));
        item.setMnemonicParsing(false);
        item.setOnAction(e -> command.action().run());
        return item;
    }

    /** A menu with these commands. */
    public static ContextMenu of(List<Command> commands) {
        ContextMenu menu = new ContextMenu();
        fill(menu, commands);
        return menu;
    }

    /** Offers commands where the menu of a node is asked for; no menu while there are none. */
    public static void offer(Node node, Supplier<List<Command>> commands) {
        offer(node, node, commands);
    }

    /**
     * The same over another node, where the one that is asked may be gone once it was.
     *
     * @param owner what the menu lies over
     */
    public static void offer(Node node, Node owner, Supplier<List<Command>> commands) {
        node.setOnContextMenuRequested(
                e -> {
                    List<Command> now = commands.get();
                    if (!now.isEmpty()) {
                        show(owner, e.getScreenX(), e.getScreenY(), now);
                    }
                    e.consume();
                });
    }

    /** Shows commands at a place of the screen, in pixels. */
    public static void show(Node owner, double x, double y, List<Command> commands) {
        ContextMenu menu = of(commands);
        menu.setAutoHide(true);
        menu.show(owner, x, y);
    }
}
