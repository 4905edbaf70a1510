package org.zeroply.desktop.controls;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** Context menus made of the commands that the palette has too. */
public final class Menus {

    /** A line between groups of commands. */
    public static final Command LINE = Command.of("", () -> {});

    private Menus() {}

    /** Puts commands in the place of what a menu has. */
    public static void fill(ContextMenu menu, List<Command> commands) {
        menu.getItems().clear();
        for (Command command : commands) {
            menu.getItems().add(command.equals(LINE) ? new SeparatorMenuItem() : item(command));
        }
    }

    private static MenuItem item(Command command) {
        String key = command.key().isEmpty() ? "" : "    " + command.keyText();
        MenuItem item = new MenuItem(command.name() + key);
        item.setId("menu-" + command.name().toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
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

    /** Shows commands at a place of the screen, in pixels. */
    public static void show(Node owner, double x, double y, List<Command> commands) {
        ContextMenu menu = of(commands);
        menu.setAutoHide(true);
        menu.show(owner, x, y);
    }
}
