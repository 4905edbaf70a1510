package org.zeroply.desktop.controls;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.texts.Texts;

/**
 * Cards that lie over the window and ask something. Work behind the window goes on; Esc puts a card
 * away, and the focus returns to where it was.
 */
public final class Dialogs {

    private final StackPane root;
    private Optional<StackPane> veil = Optional.empty();
    private Optional<Node> before = Optional.empty();
    private Runnable onClose = () -> {};

    /**
     * @param root the cards are laid over what it has
     */
    public Dialogs(StackPane root) {
        this.root = root;
    }

    /** One of several answers. */
    public record Answer(String id, String text, Runnable action) {}

    /** Whether a card lies over the window. */
    public boolean isOpen() {
        return veil.isPresent();
    }

    /** Lays a card over the window, in the place of another one. */
    public void show(Region card) {
        show(card, () -> {});
    }

    /** Lays a card over the window; when it is put away, something is done. */
    public void show(Region card, Runnable closed) {
        if (veil.isEmpty()) {
            before = Optional.ofNullable(root.getScene()).map(s -> s.getFocusOwner());
        }
        remove();
        onClose = closed;
        card.getStyleClass().add("overlay-card");
        StackPane laid = new StackPane(card);
        laid.getStyleClass().add("veil");
        laid.addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.ESCAPE) {
                        close();
                        e.consume();
                    }
                });
        veil = Optional.of(laid);
        root.getChildren().add(laid);
        Platform.runLater(() -> focus(laid));
    }

    private void focus(StackPane laid) {
        boolean there = laid.getScene() != null;
        Node owner = there ? laid.getScene().getFocusOwner() : null;
        for (Node n = owner; n != null; n = n.getParent()) {
            if (n.equals(laid)) {
                return;
            }
        }
        if (there) {
            laid.requestFocus();
        }
    }

    private void remove() {
        veil.ifPresent(root.getChildren()::remove);
        veil = Optional.empty();
    }

    /** Puts the card away. */
    public void close() {
        if (veil.isEmpty()) {
            return;
        }
        remove();
        Runnable closed = onClose;
        onClose = () -> {};
        before.filter(n -> n.getScene() != null).ifPresent(Node::requestFocus);
        before = Optional.empty();
        closed.run();
    }

    /** Asks for one of several answers; the first one is the usual one, and Esc is none. */
    public void ask(String title, String words, List<Answer> answers) {
        HBox buttons = new HBox(8);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        for (int i = answers.size() - 1; i >= 0; i--) {
            Answer answer = answers.get(i);
            Button button = Widgets.button(answer.id(), answer.text(), () -> take(answer.action()));
            if (i == 0) {
                button.getStyleClass().add("primary");
                button.setDefaultButton(true);
                Platform.runLater(button::requestFocus);
            }
            buttons.getChildren().add(button);
        }
        VBox card = card(title);
        card.setId("question");
        if (!words.isEmpty()) {
            card.getChildren().add(Widgets.wrapped(words, "plain"));
        }
        card.getChildren().add(buttons);
        show(card);
    }

    private void take(Runnable action) {
        close();
        action.run();
    }

    /** Asks for a text. */
    public void text(String title, String usual, String confirm, Consumer<String> done) {
        text(title, usual, confirm, text -> Optional.empty(), done);
    }

    /**
     * Asks for a text; it is not taken while it is blank or something speaks against it.
     *
     * @param problem what speaks against a text
     */
    public void text(
            String title,
            String usual,
            String confirm,
            Function<String, Optional<String>> problem,
            Consumer<String> done) {
        TextField field = new TextField(usual);
        field.setId("question-text");
        field.setAccessibleText(title);
        Label wrong = Widgets.label("", "alarm");
        wrong.setId("question-problem");
        Predicate<String> good = t -> !t.isBlank();
        Runnable finish =
                () -> {
                    String typed = field.getText().strip();
                    Optional<String> against =
                            good.test(typed) ? problem.apply(typed) : Optional.of("");
                    wrong.setText(against.orElse(""));
                    if (against.isEmpty()) {
                        take(() -> done.accept(typed));
                    }
                };
        field.setOnAction(e -> finish.run());
        Button ok = Widgets.primary("question-ok", confirm, finish);
        HBox buttons =
                new HBox(
                        8,
                        Widgets.button("question-leave", Texts.of("controls.leave"), this::close),
                        ok);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        VBox card = card(title);
        card.setId("question");
        card.getChildren().addAll(field, wrong, buttons);
        show(card);
        Platform.runLater(
                () -> {
                    field.requestFocus();
                    field.selectAll();
                });
    }

    /** A card with a heading. */
    public static VBox card(String title) {
        VBox card = new VBox(12, Widgets.wrapped(title, "sheet-title"));
        card.setMaxSize(460, Region.USE_PREF_SIZE);
        card.setPrefWidth(460);
        return card;
    }
}
