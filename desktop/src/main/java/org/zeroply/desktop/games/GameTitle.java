package org.zeroply.desktop.games;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The title line of the open game: who, result, event and date; pressed it can be edited. */
final class GameTitle extends StackPane {

    private static final List<String> RESULTS =
            List.of(GameResult.WHITE_WINS, GameResult.BLACK_WINS, GameResult.DRAW, GameResult.NONE);

    private final GamesModel model;
    private final Label title = Widgets.label("", "sheet-title");
    private final Label about = Widgets.label("", "faded");
    private final Map<String, TextField> fields = new LinkedHashMap<>();
    private final ComboBox<String> result = new ComboBox<>();
    private final HBox line;
    private final VBox form;

    /** The game whose title is being edited; null for none. */
    private MoveTree edited;

    GameTitle(GamesModel model) {
        this.model = model;
        title.setId("game-title");
        title.setMinWidth(0);
        about.setMinWidth(0);
        about.setId("game-about");
        VBox words = new VBox(title, about);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        var edit = Widgets.quiet("game-edit", Texts.of("games.edit"), this::edit);
        edit.setTooltip(new Tooltip(Texts.of("games.players-ratings-event-date-round")));
        line = Widgets.row(words, edit);
        words.setOnMouseClicked(
                e -> {
                    if (e.getClickCount() == 2) {
                        edit();
                    }
                });
        form = form();
        getChildren().add(line);
        model.session().revisionProperty().addListener(o -> show());
        show();
    }

    private VBox form() {
        Bar pane = new Bar(6);
        field(pane, "White", Texts.of("games.white"), 150);
        rating(pane, "WhiteElo", Texts.of("games.rating-of-white"));
        field(pane, "Black", Texts.of("games.black"), 150);
        rating(pane, "BlackElo", Texts.of("games.rating-of-black"));
        result.setId("game-result");
        result.setAccessibleText(Texts.of("games.result"));
        result.getItems().addAll(RESULTS);
        result.setPrefWidth(100);
        pane.getChildren().add(result);
        field(pane, "Event", Texts.of("games.event"), 200);
        field(pane, "Date", Texts.of("games.date"), 100);
        field(pane, "Round", Texts.of("games.round"), 60);
        var buttons =
                Widgets.row(
                        Widgets.spacer(),
                        Widgets.button("game-leave", Texts.of("games.leave"), this::leave),
                        Widgets.primary("game-done", Texts.of("games.done"), this::done));
        VBox box = new VBox(8, pane, buttons);
        box.addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.ENTER && e.getTarget() instanceof TextField) {
                        done();
                        e.consume();
                    }
                });
        return box;
    }

    private void rating(Bar pane, String tag, String said) {
        field(pane, tag, said, 60).setPromptText(Texts.of("games.rating"));
    }

    /** A field for a tag of PGN, whatever it is called in the window. */
    private TextField field(Bar pane, String tag, String said, double width) {
        TextField field = new TextField();
        field.setId("game-tag-" + tag.toLowerCase(Locale.ROOT));
        field.setPromptText(said);
        field.setAccessibleText(said);
        field.setTooltip(new Tooltip(said));
        field.setPrefWidth(width);
        fields.put(tag, field);
        pane.getChildren().add(field);
        return field;
    }

    private static String known(String value) {
        return value.equals("?") || value.equals("????.??.??") ? "" : value;
    }

    /** Lets the title be edited. */
    void edit() {
        MoveTree tree = model.session().tree();
        edited = tree;
        fields.forEach((tag, field) -> field.setText(known(tree.tag(tag))));
        result.setValue(RESULTS.contains(tree.result()) ? tree.result() : "*");
        getChildren().setAll(form);
        fields.get("White").requestFocus();
    }

    private void leave() {
        edited = null;
        getChildren().setAll(line);
    }

    private void done() {
        if (!getChildren().contains(form)) {
            return;
        }
        Map<String, String> tags = new LinkedHashMap<>();
        fields.forEach((tag, field) -> tags.put(tag, value(tag, field.getText().strip())));
        tags.put("Result", result.getValue());
        leave();
        model.tags(tags);
    }

    /** What is left empty is unknown; PGN has its own signs for that in the seven usual tags. */
    private static String value(String tag, String typed) {
        if (!typed.isEmpty() || tag.endsWith("Elo")) {
            return typed;
        }
        return tag.equals("Date") ? "????.??.??" : "?";
    }

    private void show() {
        MoveTree tree = model.session().tree();
        if (tree != edited) {
            leave();
        }
        String shown =
                model.title()
                        .map(t -> t + "   " + GameResult.shown(tree.result()))
                        .orElse(Texts.of("games.analysis"));
        title.setText(shown);
        title.setTooltip(Widgets.wide(shown));
        String words =
                Stream.of("Event", "Round", "Date")
                        .map(tag -> word(tag, known(tree.tag(tag))))
                        .flatMap(Optional::stream)
                        .reduce((a, b) -> a + "  ·  " + b)
                        .orElse("");
        about.setText(words);
        about.setManaged(!words.isEmpty());
        about.setTooltip(words.isEmpty() ? null : Widgets.wide(words));
    }

    private static Optional<String> word(String tag, String value) {
        return value.isEmpty()
                ? Optional.empty()
                : Optional.of(tag.equals("Round") ? Texts.of("games.round-2", value) : value);
    }
}
