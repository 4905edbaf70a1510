package org.zeroply.desktop.games;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The spellings of players' names, to be written in one way. */
final class NamesPane extends VBox {

    private final GamesModel model;
    private final TextField find = new TextField();
    private final TextField spelling = new TextField();
    private final Label problem = Widgets.label("", "alarm");
    private final RowTable<Map.Entry<String, Integer>> table =
            new RowTable<>(
                    "names-table", Map.Entry::getKey, Texts.of("games.no-player-has-such-a"));
    private List<Map.Entry<String, Integer>> all = List.of();

    NamesPane(GamesModel model, Runnable close) {
        super(10);
        this.model = model;
        setId("names");
        setMaxSize(560, 480);
        setPrefSize(560, 480);
        find.setId("names-find");
        find.setPromptText(Texts.of("games.find-a-name"));
        find.setAccessibleText(Texts.of("games.find-a-name"));
        find.textProperty().addListener(o -> show());
        spelling.setId("names-spelling");
        spelling.setPromptText(Texts.of("games.how-it-is-to-be"));
        spelling.setAccessibleText(Texts.of("games.how-the-chosen-name-is"));
        spelling.setOnAction(e -> rename());
        HBox.setHgrow(spelling, Priority.ALWAYS);
        table.text(Texts.of("games.name"), 380, Map.Entry::getKey);
        table.figure(Texts.of("games.games"), 80, Map.Entry::getValue, String::valueOf);
        table.onChoose(row -> spelling.setText(row.getKey()));
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("games.spellings-of-names-2"), "sheet-title"),
                        find,
                        table,
                        problem,
                        Widgets.row(
                                Widgets.button("names-close", Texts.of("games.close"), close),
                                spelling,
                                Widgets.primary(
                                        "names-rename",
                                        Texts.of("games.write-it-so"),
                                        this::rename)));
        read();
    }

    private void read() {
        model.players(
                found -> {
                    all = List.copyOf(found.entrySet());
                    show();
                });
    }

    private void show() {
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        table.show(
                all.stream()
                        .filter(e -> e.getKey().toLowerCase(Locale.ROOT).contains(wanted))
                        .toList());
    }

    private void rename() {
        String to = spelling.getText().strip();
        if (table.one().isEmpty()) {
            problem.setText(Texts.of("games.choose-the-name-that-is"));
            return;
        }
        String from = table.one().get().getKey();
        if (to.isEmpty() || to.equals(from)) {
            problem.setText(Texts.of("games.type-how-is-to-be", from));
            return;
        }
        problem.setText("");
        model.rename(from, to, this::read);
    }
}
