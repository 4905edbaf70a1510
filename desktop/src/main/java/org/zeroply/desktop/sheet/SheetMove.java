package org.zeroply.desktop.sheet;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.MouseButton;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;

/**
 * A move of a line sheet. Whoever is read to hears its number, its signs, the verdict and what the
 * coach said of it, hears which one is on the board, and can press it; with the keyboard the sheet
 * is one stop, whose arrows walk the moves.
 */
final class SheetMove extends Label {

    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

    /** Moves of more letters are set a little smaller. */
    private static final int LONG = 5;

    private final Node node;
    private final Consumer<Node> pressed;

    SheetMove(Node node, Consumer<Node> pressed) {
        super(
                San.write(node.parent().orElseThrow().position(), node.move())
                        + PgnWriter.glyphs(node));
        this.node = node;
        this.pressed = pressed;
        setAccessibleRole(AccessibleRole.BUTTON);
        setUserData(node);
        getStyleClass().add("sheet-move");
        if (getText().length() > LONG) {
            getStyleClass().add("long");
        }
        setOnMouseClicked(
                e -> {
                    if (e.getButton() == MouseButton.PRIMARY) {
                        pressed.accept(node);
                    }
                });
    }

    /** Whether it is the one on the board. */
    void setCurrent(boolean current) {
        if (current != isCurrent()) {
            pseudoClassStateChanged(CURRENT, current);
            notifyAccessibleAttributeChanged(AccessibleAttribute.SELECTED);
        }
    }

    private boolean isCurrent() {
        return getPseudoClassStates().contains(CURRENT);
    }

    private String told() {
        Annotation a = node.annotation();
        String verdict = a.verdict().map(Verdict::words).map(w -> ", " + w).orElse("");
        String said = a.after().isBlank() ? "" : ". " + a.after();
        return Line.move(node) + PgnWriter.glyphs(node) + verdict + said;
    }

    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return switch (attribute) {
            case TEXT -> told();
            case SELECTED -> isCurrent();
            default -> super.queryAccessibleAttribute(attribute, parameters);
        };
    }

    @Override
    public void executeAccessibleAction(AccessibleAction action, Object... parameters) {
        if (action == AccessibleAction.FIRE) {
            pressed.accept(node);
        } else {
            super.executeAccessibleAction(action, parameters);
        }
    }
}
