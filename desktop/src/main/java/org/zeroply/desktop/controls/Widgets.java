package org.zeroply.desktop.controls;

import java.util.Locale;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.zeroply.desktop.work.Messages;

/** Small parts that all desks are made of; everything gets an id and an accessible text. */
public final class Widgets {

    private Widgets() {}

    /** A button that is never cut off. */
    public static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setAccessibleText(text);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setFocusTraversable(true);
        button.setOnAction(e -> action.run());
        return button;
    }

    /** The one action a page is for: filled, in the same corner on every page. */
    public static Button primary(String id, String text, Runnable action) {
        Button button = button(id, text, action);
        button.getStyleClass().add("primary");
        return button;
    }

    /** An action that does not ask for attention: text alone. */
    public static Button quiet(String id, String text, Runnable action) {
        Button button = button(id, text, action);
        button.getStyleClass().add("quiet-button");
        return button;
    }

    /** An action that takes something away; it stands apart from others. */
    public static Button removing(String id, String text, Runnable action) {
        Button button = button(id, text, action);
        button.getStyleClass().addAll("quiet-button", "removing");
        return button;
    }

    /** A tooltip that wraps. */
    public static Tooltip wide(String text) {
        Tooltip tooltip = new Tooltip(text);
        tooltip.setWrapText(true);
        tooltip.setMaxWidth(480);
        return tooltip;
    }

    /** A button for what can be done about a message; its id is the prefix and its name. */
    public static Button action(String prefix, Messages.Action action) {
        String id = prefix + action.name().toLowerCase(Locale.ROOT).replace(' ', '-');
        Button button = button(id, action.name(), action.run());
        button.getStyleClass().add("message-action");
        return button;
    }

    /** A button that stays pressed, with a word of explanation. */
    public static ToggleButton toggle(String id, String text, String says) {
        ToggleButton button = new ToggleButton(text);
        button.setId(id);
        button.setTooltip(new Tooltip(says));
        button.setAccessibleText(says);
        leaveFocus(button);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /**
     * Tab reaches the control, but a press of the mouse on it leaves the focus where it is, so that
     * the arrow keys go on to step through the game.
     */
    public static void leaveFocus(Control control) {
        control.addEventFilter(
                MouseEvent.MOUSE_PRESSED, e -> control.setFocusTraversable(control.isFocused()));
        control.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> control.setFocusTraversable(true));
    }

    /** Does something when a text was typed: on Enter, and when the field is left. */
    public static void whenTyped(TextField field, Runnable action) {
        field.setOnAction(e -> action.run());
        field.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is) {
                                action.run();
                            }
                        });
    }

    /**
     * Tab leaves a text of several lines, as it leaves every other field; it types no tab there.
     */
    public static void tabLeaves(TextArea area) {
        area.addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.TAB && !e.isControlDown()) {
                        e.consume();
                        // The key by which JavaFX leaves such a text.
                        area.fireEvent(
                                new KeyEvent(
                                        area,
                                        area,
                                        KeyEvent.KEY_PRESSED,
                                        "",
                                        "\t",
                                        KeyCode.TAB,
                                        e.isShiftDown(),
                                        true,
                                        false,
                                        false));
                    }
                });
    }

    /** A text in one of the styles of the sheet. */
    public static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }

    /** Lets a text that may be cut tell itself in a tooltip, whatever it says. */
    public static void tellCut(Label label) {
        label.setMinWidth(0);
        Tooltip tooltip = wide("");
        tooltip.textProperty().bind(label.textProperty());
        label.tooltipProperty()
                .bind(label.textProperty().map(text -> text.isEmpty() ? null : tooltip));
    }

    /** A text that wraps and is never cut off. */
    public static Label wrapped(String text, String style) {
        Label label = label(text, style);
        label.setWrapText(true);
        label.setMaxWidth(Double.MAX_VALUE);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A heading with a rule under it, as wide as the page. */
    public static Label heading(String text) {
        return wrapped(text, "fact-group");
    }

    /** Controls side by side, going on in a second line where there is no room. */
    public static HBox row(Node... nodes) {
        return new Bar(8, nodes);
    }

    /** Things of a row that never part, as a word and the field that it names. */
    public static HBox together(Node... nodes) {
        HBox box = new HBox(8, nodes);
        box.setAlignment(Pos.CENTER_LEFT);
        box.setMinWidth(Region.USE_PREF_SIZE);
        return box;
    }

    /** Puts a text on the clipboard. */
    public static void toClipboard(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** Takes what room is left in a row. */
    public static Region spacer() {
        Region region = new Region();
        HBox.setHgrow(region, Priority.ALWAYS);
        return region;
    }

    /** Lets a choice show its values as texts; nothing while none is chosen. */
    public static <T> void texts(ComboBox<T> box, Function<T, String> text) {
        box.setCellFactory(list -> new TextCell<>(text));
        box.setButtonCell(new TextCell<>(text));
    }

    private static final class TextCell<T> extends ListCell<T> {
        private final Function<T, String> text;

        TextCell(Function<T, String> text) {
            this.text = text;
        }

        @Override
        protected void updateItem(T item, boolean empty) {
            super.updateItem(item, empty);
            setText(empty || item == null ? null : text.apply(item));
        }
    }

    /** A column of texts. */
    public static <T> void column(
            TableView<T> table, String title, double width, Function<T, String> value) {
        TableColumn<T, String> column = new TableColumn<>(title);
        column.setCellValueFactory(c -> new ReadOnlyStringWrapper(value.apply(c.getValue())));
        column.setPrefWidth(width);
        table.getColumns().add(column);
    }
}
