package org.zeroply.desktop.controls;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.texts.Texts;

/** Findings one under the other; choosing one leads to its spot. */
public final class FindingList extends ListView<Remark> {

    private final ObservableList<Remark> findings = FXCollections.observableArrayList();
    private List<Command> commands = List.of();
    private Runnable onRemove = () -> {};
    private boolean quiet;

    /**
     * @param empty what is said when there are none
     */
    public FindingList(String id, String empty) {
        setId(id);
        setItems(findings);
        getStyleClass().add("findings");
        setPlaceholder(Widgets.wrapped(empty, "empty-note"));
        setCellFactory(v -> new Cell());
        VBox.setVgrow(this, Priority.ALWAYS);
        setOnMouseClicked(e -> go());
        Menus.offer(this, this::menu);
        setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.DELETE && !findings.isEmpty()) {
                        onRemove.run();
                        e.consume();
                    }
                    if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                        go();
                        e.consume();
                    }
                });
        getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is != null && isFocused() && !quiet) {
                                is.go().run();
                            }
                        });
    }

    /** What can be done about the chosen finding. */
    private List<Command> menu() {
        Remark chosen = getSelectionModel().getSelectedItem();
        if (chosen == null) {
            return List.of();
        }
        List<Command> offered = new ArrayList<>();
        offered.add(new Command(Texts.of("controls.show-on-the-board"), "Enter", chosen.go()));
        chosen.step().ifPresent(s -> offered.add(Command.of(s.name(), s.action())));
        offered.addAll(commands);
        offered.add(
                Command.of(
                        Texts.of("controls.copy-as-text"),
                        () -> Widgets.toClipboard(chosen.words())));
        return offered;
    }

    /** What the context menu offers beside that for the chosen finding. */
    public void onMenu(List<Command> offered) {
        commands = offered;
    }

    /** Calls this when Delete was pressed, to remove the chosen finding. */
    public void onRemove(Runnable handler) {
        onRemove = handler;
    }

    private void go() {
        Remark chosen = getSelectionModel().getSelectedItem();
        if (chosen != null) {
            chosen.go().run();
        }
    }

    /** A button for what can be done about the chosen finding; disabled where that is nothing. */
    public Button step(String id, String usual) {
        Button button = Widgets.button(id, usual, () -> step().ifPresent(s -> s.action().run()));
        getSelectionModel().selectedItemProperty().addListener(o -> name(button, usual));
        name(button, usual);
        return button;
    }

    private void name(Button button, String usual) {
        button.setDisable(step().isEmpty());
        button.setText(step().map(Remark.Step::name).orElse(usual));
    }

    private Optional<Remark.Step> step() {
        return Optional.ofNullable(getSelectionModel().getSelectedItem()).flatMap(Remark::step);
    }

    /** Shows other findings; the chosen one stays so if it is told again. */
    public void show(List<Remark> now) {
        if (findings.equals(now)) {
            return;
        }
        Optional<String> chosen =
                Optional.ofNullable(getSelectionModel().getSelectedItem()).map(Remark::words);
        quiet = true;
        try {
            findings.setAll(now);
            chosen.flatMap(c -> now.stream().filter(r -> r.words().equals(c)).findFirst())
                    .ifPresentOrElse(
                            getSelectionModel()::select, getSelectionModel()::clearSelection);
        } finally {
            quiet = false;
        }
    }

    private static final class Cell extends ListCell<Remark> {

        private final Label kind = Widgets.label("", "finding-kind");
        private final Label text = Widgets.wrapped("", "finding-text");
        private final Label detail = Widgets.label("", "finding-detail");
        private final Label sentence = Widgets.wrapped("", "finding-detail");
        private final VBox words = new VBox(2, text, sentence);
        private final HBox row = new HBox(10, kind, words, detail);

        /** A detail longer than this stands under the text. */
        private static final int SHORT = 20;

        Cell() {
            kind.setMinWidth(96);
            kind.setMaxWidth(96);
            kind.setWrapText(true);
            detail.setMinWidth(Region.USE_PREF_SIZE);
            HBox.setHgrow(words, Priority.ALWAYS);
            setPrefWidth(0);
        }

        /** The skin takes the kind and the padding for room that the words have. */
        @Override
        protected double computePrefHeight(double width) {
            if (getGraphic() == null || getListView() == null) {
                return super.computePrefHeight(width);
            }
            double all = width > 0 ? width : getWidth() > 0 ? getWidth() : getListView().getWidth();
            double inside = all - snappedLeftInset() - snappedRightInset();
            return snappedTopInset() + row.prefHeight(inside) + snappedBottomInset();
        }

        @Override
        protected void updateItem(Remark item, boolean empty) {
            super.updateItem(item, empty);
            setText(null);
            setGraphic(empty || item == null ? null : row);
            if (item != null) {
                kind.setText(item.kind());
                text.setText(item.text());
                boolean isShort = item.detail().length() <= SHORT;
                detail.setText(isShort ? item.detail() : "");
                sentence.setText(isShort ? "" : item.detail());
                sentence.setManaged(!isShort);
                text.setManaged(!item.text().isEmpty());
                setAccessibleText(item.kind() + ": " + item.text() + " " + item.detail());
            }
        }
    }
}
