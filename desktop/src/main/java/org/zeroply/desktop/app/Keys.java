package org.zeroply.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import org.zeroply.desktop.controls.Command;

/**
 * To whom a key belongs: to what has the focus, as far as it has a use for it, and else to the
 * commands.
 */
final class Keys {

    private static final Set<KeyCode> OF_LISTS =
            Set.of(
                    KeyCode.UP,
                    KeyCode.DOWN,
                    KeyCode.HOME,
                    KeyCode.END,
                    KeyCode.PAGE_UP,
                    KeyCode.PAGE_DOWN,
                    KeyCode.ENTER,
                    KeyCode.SPACE,
                    KeyCode.DELETE);
    private static final Set<KeyCode> OF_CHOICES =
            Set.of(KeyCode.UP, KeyCode.DOWN, KeyCode.ENTER, KeyCode.SPACE);
    private static final Set<KeyCode> OF_BUTTONS = Set.of(KeyCode.ENTER, KeyCode.SPACE);
    private static final Set<KeyCode> OF_ANY_FIELD = Set.of(KeyCode.PAGE_UP, KeyCode.PAGE_DOWN);
    private static final Set<KeyCode> OF_EDITING =
            Set.of(
                    KeyCode.A,
                    KeyCode.V,
                    KeyCode.X,
                    KeyCode.LEFT,
                    KeyCode.RIGHT,
                    KeyCode.HOME,
                    KeyCode.END,
                    KeyCode.BACK_SPACE,
                    KeyCode.DELETE);

    private Keys() {}

    /**
     * The command that a key stands for, unless what has the focus keeps the key for itself.
     *
     * @param shown keys that belong to what is being shown, wherever the focus is
     */
    static Optional<Command> command(
            KeyEvent e, Node focus, List<Command> commands, Set<KeyCode> shown) {
        boolean plain = !e.isShortcutDown() && !e.isAltDown();
        boolean typing = focus instanceof TextInputControl;
        boolean overriding = plain && shown.contains(e.getCode()) && !typing;
        if (!overriding && keeps(focus, e)) {
            return Optional.empty();
        }
        return commands.stream()
                .filter(c -> !c.key().isEmpty())
                .filter(c -> KeyCombination.valueOf(c.key()).match(e))
                .findFirst();
    }

    private static boolean keeps(Node focus, KeyEvent e) {
        KeyCode code = e.getCode();
        boolean plain = !e.isShortcutDown() && !e.isAltDown();
        if (focus instanceof TextInputControl field) {
            return keeps(field, e, plain);
        }
        if (!plain || code.isFunctionKey()) {
            return false;
        }
        boolean tab = focus != null && focus.getStyleClass().contains("tab");
        boolean item = focus != null && focus.getAccessibleRole() == AccessibleRole.LIST_ITEM;
        boolean list = item || focus instanceof TableView || focus instanceof ListView;
        return list && OF_LISTS.contains(code)
                || focus instanceof ComboBoxBase && OF_CHOICES.contains(code)
                || tab && (code == KeyCode.LEFT || code == KeyCode.RIGHT)
                || focus instanceof ButtonBase && OF_BUTTONS.contains(code);
    }

    private static boolean keeps(TextInputControl field, KeyEvent e, boolean plain) {
        KeyCode code = e.getCode();
        if (code.isFunctionKey() || e.isAltDown()) {
            return false;
        }
        if (plain) {
            // A field of one line has no pages to turn.
            return field instanceof TextArea || !OF_ANY_FIELD.contains(code);
        }
        return switch (code) {
            // What was typed is taken back first; then what was done before.
            case Z -> field.isUndoable() && !field.getText().isEmpty();
            case Y -> field.isRedoable();
            case C -> !field.getSelectedText().isEmpty();
            default -> OF_EDITING.contains(code);
        };
    }
}
