package org.zeroply.desktop.repertoire;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.library.transfer.PairingTable;

/** What is written of the chosen pairing: who plays, the result, the day, and the coach's words. */
final class PairingEditor extends VBox {

    private static final String OPEN = Texts.of("repertoire.not-over");

    private final TournamentsModel model;
    private final Messages messages;
    private final TextField white =
            field(
                    "pairing-white",
                    Texts.of("repertoire.white"),
                    Texts.of("repertoire.white-with-the-rating"));
    private final TextField black =
            field(
                    "pairing-black",
                    Texts.of("repertoire.black"),
                    Texts.of("repertoire.black-with-the-rating"));
    private final ComboBox<String> result = new ComboBox<>();
    private final TextField day =
            field(
                    "pairing-day",
                    Texts.of("repertoire.day"),
                    Texts.of("repertoire.the-day-of-the-round"));
    private final TextField note =
            field(
                    "pairing-note",
                    Texts.of("repertoire.your-words-for-this-round"),
                    Texts.of("repertoire.your-words-for-this-round"));
    private Optional<Pairing> shown = Optional.empty();
    private boolean showing;

    PairingEditor(TournamentsModel model, Messages messages) {
        super(6);
        this.model = model;
        this.messages = messages;
        setId("pairing-editor");
        result.setId("pairing-result");
        result.setAccessibleText(Texts.of("repertoire.result"));
        result.getItems().add(OPEN);
        GameResult.played().forEach(r -> result.getItems().add(GameResult.shown(r)));
        result.setMinWidth(USE_PREF_SIZE);
        result.setOnAction(e -> scored());
        day.setPrefWidth(110);
        day.setMinWidth(90);
        HBox.setHgrow(white, Priority.ALWAYS);
        HBox.setHgrow(black, Priority.ALWAYS);
        HBox.setHgrow(note, Priority.ALWAYS);
        getChildren().addAll(Widgets.row(white, result, black), Widgets.row(day, note));
        List.of(white, black, day, note).forEach(f -> Widgets.whenTyped(f, this::commit));
        show(Optional.empty());
    }

    private static TextField field(String id, String prompt, String says) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(says);
        field.setMinWidth(60);
        field.setPrefWidth(120);
        return field;
    }

    private void scored() {
        if (!showing && result.getValue() != null) {
            String told = GameResult.of(result.getValue()).orElse(GameResult.NONE);
            model.changeChosen(p -> p.with(told));
        }
    }

    /** Takes over what was typed; what cannot be read is told, and put back once left. */
    void commit() {
        if (shown.isEmpty() || showing || !isChanged()) {
            return;
        }
        Pairing before = shown.get();
        try {
            Pairing now =
                    PairingTable.edited(
                            before,
                            white.getText(),
                            black.getText(),
                            day.getText(),
                            note.getText());
            shown = Optional.of(now);
            model.changeChosen(p -> now);
        } catch (IllegalArgumentException e) {
            messages.say(Texts.of("repertoire.not-taken-over", e.getMessage()));
            show(shown);
        }
    }

    private boolean isChanged() {
        Pairing p = shown.orElseThrow();
        return !white.getText().equals(p.white().words())
                || !black.getText().equals(p.black().words())
                || !day.getText().equals(p.date())
                || !note.getText().equals(p.note());
    }

    /** Shows a pairing, or none. */
    void show(Optional<Pairing> pairing) {
        showing = true;
        try {
            shown = pairing;
            setDisable(pairing.isEmpty());
            FieldText.show(white, pairing, pairing.map(p -> p.white().words()).orElse(""));
            FieldText.show(black, pairing, pairing.map(p -> p.black().words()).orElse(""));
            FieldText.show(day, pairing, pairing.map(Pairing::date).orElse(""));
            FieldText.show(note, pairing, pairing.map(Pairing::note).orElse(""));
            result.setValue(
                    pairing.filter(Pairing::isOver)
                            .map(p -> GameResult.shown(p.result()))
                            .orElse(OPEN));
        } finally {
            showing = false;
        }
    }
}
