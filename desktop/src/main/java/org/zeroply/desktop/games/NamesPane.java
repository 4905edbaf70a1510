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

/** The spellings of players' names, to be written in one way. */
final class NamesPane extends VBox {

    private final GamesModel model;
    private final TextField find = new TextField();
    private final TextField spelling = new TextField();
    private final Label problem = Widgets.label("", "alarm");
    private final RowTable<Map.Entry<String, Integer>> table =
            new RowTable<>("names-table", Map.Entry::getKey, "No player has such a name.");
    private List<Map.Entry<String, Integer>> all = List.of();

    NamesPane(GamesModel model, Runnable close) {
        super(10);
        this.model = model;
        setId("names");
        setMaxSize(560, 480);
        setPrefSize(560, 480);
        find.setId("names-find");
        find.setPromptText("Find a name");
        find.setAccessibleText("Find a name");
        find.textProperty().addListener(o -> show());
        spelling.setId("names-spelling");
        spelling.setPromptText("How it is to be written");
        spelling.setAccessibleText("How the chosen name is to be written");
        spelling.setOnAction(e -> rename());
        HBox.setHgrow(spelling, Priority.ALWAYS);
        table.text("Name", 380, Map.Entry::getKey);
        table.figure("Games", 80, Map.Entry::getValue, String::valueOf);
        table.onChoose(row -> spelling.setText(row.getKey()));
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.label("Spellings of names", "sheet-title"),
                        find,
                        table,
                        problem,
                        Widgets.row(
                                Widgets.button("names-close", "Close", close),
                                spelling,
                                Widgets.primary("names-rename", "Write it so", this::rename)));
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
            problem.setText("Choose the name that is to be written otherwise.");
            return;
        }
        String from = table.one().get().getKey();
        if (to.isEmpty() || to.equals(from)) {
            problem.setText("Type how " + from + " is to be written.");
            return;
        }
        problem.setText("");
        model.rename(from, to, this::read);
    }
}
