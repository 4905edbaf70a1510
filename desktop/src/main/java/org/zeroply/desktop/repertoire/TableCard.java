package org.zeroply.desktop.repertoire;

import java.io.File;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import org.zeroply.chess.notation.Counted;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.transfer.PairingTable;

/** Reads pairings and results from a text, and tells what it would bring before it is brought. */
final class TableCard extends VBox {

    private static final int TOLD = 3;

    private final Services services;
    private final TournamentsModel model;
    private final Runnable close;
    private final TextArea text = new TextArea();
    private final TextField title = new TextField();
    private final CheckBox anew = new CheckBox(Texts.of("repertoire.a-new-tournament-named"));
    private final Label told = Widgets.wrapped("", "faded");
    private final Button bring =
            Widgets.primary("table-bring", Texts.of("repertoire.bring-it-in"), this::bring);
    private boolean named;

    TableCard(Services services, TournamentsModel model, Runnable close) {
        super(10);
        this.services = services;
        this.model = model;
        this.close = close;
        setId("table-card");
        setMaxSize(640, 560);
        setPrefWidth(640);
        text.setId("table-text");
        text.setAccessibleText(Texts.of("repertoire.pairings-and-results"));
        text.setPromptText(Texts.of("repertoire.round-1-2026-12-04"));
        text.setPrefRowCount(12);
        text.textProperty().addListener(o -> look());
        Widgets.tabLeaves(text);
        title.setId("table-title");
        title.setAccessibleText(Texts.of("repertoire.name-of-the-new-tournament"));
        title.setPromptText(Texts.of("repertoire.name-of-the-tournament"));
        title.textProperty().addListener((o, was, is) -> named |= title.isFocused());
        HBox.setHgrow(title, Priority.ALWAYS);
        anew.setId("table-new");
        anew.setSelected(model.tournament().isEmpty());
        anew.setDisable(model.tournament().isEmpty());
        title.disableProperty().bind(anew.selectedProperty().not());
        anew.selectedProperty().addListener(o -> look());
        told.setId("table-told");
        told.setMinHeight(60);
        VBox.setVgrow(text, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("repertoire.pairings-and-results"), "sheet-title"),
                        Widgets.wrapped(
                                Texts.of("repertoire.paste-what-the-organiser-published"), "plain"),
                        text,
                        Widgets.row(anew, title),
                        told,
                        Widgets.row(
                                Widgets.button(
                                        "table-file",
                                        Texts.of("repertoire.from-a-file"),
                                        this::file),
                                Widgets.spacer(),
                                Widgets.button("table-leave", Texts.of("repertoire.leave"), close),
                                bring));
        look();
        Platform.runLater(text::requestFocus);
    }

    private void file() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.of("repertoire.pairings-and-results"));
        Optional.ofNullable(chooser.showOpenDialog(getScene().getWindow())).ifPresent(this::file);
    }

    /** Reads a file into the text. */
    void file(File file) {
        services.scheduler().library(() -> PairingTable.text(file.toPath()), text::setText);
    }

    private PairingTable.Read read() {
        return model.read(text.getText());
    }

    private void look() {
        PairingTable.Read read = read();
        if (!named) {
            title.setText(read.title());
        }
        bring.setDisable(read.pairings().isEmpty());
        told.setText(text.getText().isBlank() ? "" : words(read));
    }

    private static String words(PairingTable.Read read) {
        StringBuilder words = new StringBuilder(Counted.of(read.pairings().size(), "pairing"));
        words.append(Texts.of("repertoire.lines-read"));
        if (!read.unread().isEmpty()) {
            words.append(' ')
                    .append(Counted.of(read.unread().size(), "line"))
                    .append(Texts.of("repertoire.lines-not-read"));
        }
        read.unread().stream()
                .limit(TOLD)
                .forEach(
                        u ->
                                words.append("\nline ")
                                        .append(u.line())
                                        .append(": ")
                                        .append(u.reason()));
        return words.toString();
    }

    private void bring() {
        PairingTable.Read read = read();
        if (anew.isSelected() && title.getText().isBlank()) {
            told.setText(Texts.of("repertoire.name-the-new-tournament"));
            title.requestFocus();
            return;
        }
        close.run();
        model.bring(
                read, anew.isSelected() ? Optional.of(title.getText().strip()) : Optional.empty());
    }
}
