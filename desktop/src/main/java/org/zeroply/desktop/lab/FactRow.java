package org.zeroply.desktop.lab;

import javafx.geometry.Bounds;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.zeroply.coach.fact.Fact;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/**
 * One fact: pointing at it, or reaching it with the Tab key, draws it on the board; P pins it to
 * the note, L puts its line into the sheet.
 */
final class FactRow extends HBox {

    private final LabModel model;
    private final Fact fact;
    private final HBox actions = new HBox();

    /**
     * @param sign what stands before the text, such as + and - in a comparison; may be empty; with
     *     a sign the side is named as well
     */
    FactRow(LabModel model, Fact fact, String sign) {
        super(6);
        this.model = model;
        this.fact = fact;
        getStyleClass().add("fact");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        setAccessibleText(sign + fact.sentence());
        Label text = Widgets.label(sign.isEmpty() ? fact.text() : fact.sentence(), "fact-text");
        text.setWrapText(true);
        text.setMinWidth(0);
        text.setMaxWidth(Double.MAX_VALUE);
        text.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(text, Priority.ALWAYS);
        if (!sign.isEmpty()) {
            getChildren().add(Widgets.label(sign, "fact-sign"));
        }
        getChildren().addAll(text, actions);
        actions.setMinWidth(USE_PREF_SIZE);
        if (!fact.line().isEmpty()) {
            actions.getChildren()
                    .add(action("line", Texts.of("lab.put-the-line-into-the"), this::adopt));
        }
        actions.getChildren().add(action("pin", Texts.of("lab.pin-to-the-note"), this::pin));
        actions.visibleProperty().bind(hoverProperty().or(focusedProperty()));
        hoverProperty().addListener((o, was, is) -> pointed(is));
        focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            pointed(is);
                            if (is) {
                                bringIntoView();
                            }
                        });
        setOnMouseClicked(e -> requestFocus());
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** What the row tells. */
    Fact fact() {
        return fact;
    }

    private static Button action(String text, String says, Runnable run) {
        Button button = Widgets.button("fact-" + text, text, run);
        button.getStyleClass().add("quiet-button");
        button.setAccessibleText(says);
        Widgets.leaveFocus(button);
        return button;
    }

    private void pointed(boolean is) {
        if (is) {
            model.point(fact);
        } else if (!isFocused() && !isHover()) {
            model.clearOverlay();
        }
    }

    /** Scrolls the page so far that the whole row is seen. */
    private void bringIntoView() {
        Node node = getParent();
        while (node != null && !(node instanceof ScrollPane)) {
            node = node.getParent();
        }
        if (node instanceof ScrollPane page) {
            Bounds row = page.getContent().sceneToLocal(localToScene(getBoundsInLocal()));
            double seen = page.getViewportBounds().getHeight();
            double hidden = page.getContent().getBoundsInLocal().getHeight() - seen;
            double top = page.getVvalue() * hidden;
            if (hidden > 0 && row.getMinY() < top) {
                page.setVvalue(row.getMinY() / hidden);
            } else if (hidden > 0 && row.getMaxY() > top + seen) {
                page.setVvalue((row.getMaxY() - seen) / hidden);
            }
        }
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if (e.getCode() == KeyCode.P) {
            pin();
            e.consume();
        } else if (e.getCode() == KeyCode.L && !fact.line().isEmpty()) {
            adopt();
            e.consume();
        }
    }

    private void pin() {
        model.pin(fact);
    }

    private void adopt() {
        model.adopt(fact);
    }
}
