package org.zeroply.desktop.app;

import java.util.List;
import java.util.Locale;
import javafx.collections.FXCollections;
import javafx.collections.transformation.FilteredList;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Desk;

/** Every command with its key: type a part of its name, Enter does it. */
final class CommandPane extends VBox {

    private final TextField filter = new TextField();

    CommandPane(String title, List<Desk.Command> commands, Runnable close) {
        getStyleClass().add("overlay-card");
        setId("commands");
        setMaxSize(480, 420);
        setSpacing(8);
        FilteredList<Desk.Command> shown =
                new FilteredList<>(FXCollections.observableArrayList(commands));
        ListView<Desk.Command> list = new ListView<>(shown);
        list.setId("command-list");
        list.setCellFactory(v -> new CommandCell());
        list.getSelectionModel().selectFirst();
        filter.setId("command-filter");
        filter.setPromptText("What do you want to do?");
        filter.textProperty()
                .addListener(
                        o -> {
                            String wanted = filter.getText().toLowerCase(Locale.ROOT);
                            shown.setPredicate(
                                    c -> c.name().toLowerCase(Locale.ROOT).contains(wanted));
                            list.getSelectionModel().selectFirst();
                        });
        Runnable run =
                () -> {
                    Desk.Command chosen = list.getSelectionModel().getSelectedItem();
                    close.run();
                    if (chosen != null) {
                        chosen.action().run();
                    }
                };
        filter.setOnAction(e -> run.run());
        filter.addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.DOWN) {
                        list.getSelectionModel().selectNext();
                        e.consume();
                    } else if (e.getCode() == KeyCode.UP) {
                        list.getSelectionModel().selectPrevious();
                        e.consume();
                    }
                });
        list.setOnMouseClicked(e -> run.run());
        Label heading = new Label(title);
        heading.getStyleClass().add("sheet-title");
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(heading, filter, list);
    }

    void begin() {
        filter.requestFocus();
    }

    private static final class CommandCell extends ListCell<Desk.Command> {
        @Override
        protected void updateItem(Desk.Command item, boolean empty) {
            super.updateItem(item, empty);
            if (empty || item == null) {
                setGraphic(null);
                return;
            }
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            Label key = new Label(item.key().replace("Shortcut", "Ctrl"));
            key.getStyleClass().add("key");
            HBox row = new HBox(8, new Label(item.name()), gap, key);
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
        }
    }
}
