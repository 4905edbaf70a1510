package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.Arrays;
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
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.WindowMemory;

/** Every command with its key: type any words of it, Enter does it; those used last come first. */
final class CommandPane extends VBox {

    private static final String RECENT = "commands";
    private static final int REMEMBERED = 8;

    private final TextField filter = new TextField();
    private final ListView<Command> list;
    private final WindowMemory memory;
    private final Runnable close;

    CommandPane(String title, List<Command> commands, WindowMemory memory, Runnable close) {
        super(8);
        this.memory = memory;
        this.close = close;
        setId("commands");
        setMaxSize(560, 460);
        FilteredList<Command> shown =
                new FilteredList<>(FXCollections.observableArrayList(recentFirst(commands)));
        list = new ListView<>(shown);
        list.setId("command-list");
        list.setCellFactory(v -> new CommandCell());
        list.setPlaceholder(
                Widgets.wrapped(Texts.of("app.no-command-has-all-these"), "empty-note"));
        list.getSelectionModel().selectFirst();
        filter.setId("command-filter");
        filter.setPromptText(Texts.of("app.what-do-you-want-to"));
        filter.setAccessibleText(Texts.of("app.words-of-a-command"));
        filter.textProperty()
                .addListener(
                        o -> {
                            shown.setPredicate(c -> fits(c.name(), filter.getText()));
                            list.getSelectionModel().selectFirst();
                        });
        filter.setOnAction(e -> run());
        filter.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.setOnMouseClicked(
                e -> {
                    if (e.getButton() == MouseButton.PRIMARY) {
                        run();
                    }
                });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(Widgets.label(title, "sheet-title"), filter, list);
    }

    /** Whether all words typed stand somewhere in the name of a command. */
    static boolean fits(String name, String typed) {
        String lower = name.toLowerCase(Locale.ROOT);
        return Arrays.stream(typed.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .allMatch(lower::contains);
    }

    private List<Command> recentFirst(List<Command> commands) {
        List<Command> all = new ArrayList<>();
        for (String name : memory.latest(RECENT)) {
            commands.stream().filter(c -> c.name().equals(name)).findFirst().ifPresent(all::add);
        }
        commands.stream().filter(c -> !all.contains(c)).forEach(all::add);
        return all;
    }

    private void run() {
        Command chosen = list.getSelectionModel().getSelectedItem();
        close.run();
        if (chosen != null) {
            memory.use(RECENT, chosen.name(), REMEMBERED);
            chosen.action().run();
        }
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.DOWN) {
            list.getSelectionModel().selectNext();
        } else if (e.getCode() == KeyCode.UP) {
            list.getSelectionModel().selectPrevious();
        } else {
            return;
        }
        list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 3));
        e.consume();
    }

    void begin() {
        filter.requestFocus();
    }

    private static final class CommandCell extends ListCell<Command> {
        @Override
        protected void updateItem(Command item, boolean empty) {
            super.updateItem(item, empty);
            if (empty || item == null) {
                setGraphic(null);
                return;
            }
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            HBox row = new HBox(8, new Label(item.name()), gap);
            if (!item.key().isEmpty()) {
                Label key = Widgets.label(item.keyText(), "key");
                key.setMinWidth(USE_PREF_SIZE);
                row.getChildren().add(key);
            }
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
            setPrefWidth(0);
        }
    }
}
