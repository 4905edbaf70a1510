package org.zeroply.desktop.lab;

import java.io.File;
import java.io.IOException;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.database.FileTrouble;

/** The note of a position: the coach's words and pinned facts, to be printed with the diagram. */
final class NoteView extends VBox {

    private final LabModel model;
    private final Services services;
    private final TextArea text = new TextArea();
    private Node noted;

    NoteView(Services services, LabModel model) {
        super(8);
        this.services = services;
        this.model = model;
        setId("note");
        text.setId("note-text");
        Widgets.tabLeaves(text);
        text.setWrapText(true);
        text.setPromptText(Texts.of("lab.your-words-on-this-position"));
        text.setAccessibleText(Texts.of("lab.note-on-this-position"));
        text.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is) {
                                commit();
                            }
                        });
        VBox.setVgrow(text, Priority.ALWAYS);
        getChildren()
                .addAll(
                        text,
                        Widgets.row(
                                Widgets.button(
                                        "print-note",
                                        Texts.of("lab.print-with-diagram"),
                                        this::choose),
                                Widgets.label(Texts.of("lab.a-pdf-of-one-page"), "faded")));
        noted = model.session().current();
        model.session()
                .currentProperty()
                .addListener(
                        o -> {
                            commit();
                            show();
                        });
        model.session().revisionProperty().addListener(o -> show());
        show();
    }

    private void show() {
        noted = model.session().current();
        FieldText.show(text, noted, noted.annotation().after());
    }

    /** Keeps words that were typed and not left yet. */
    void commit() {
        boolean open = noted.isWithin(model.session().tree().root());
        if (open && !text.getText().strip().equals(noted.annotation().after())) {
            model.session().editor().comment(noted, text.getText());
        }
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.of("lab.print-the-note"));
        chooser.setInitialFileName("note.pdf");
        File file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            print(file);
        }
    }

    /** Prints the note with its diagram; the ending of the name decides between PDF and PNG. */
    void print(File file) {
        commit();
        var image = PrintedNote.of(model.session().current()).image();
        services.scheduler()
                .library(
                        () -> {
                            try {
                                PageFile.write(image, file);
                                return Texts.of("lab.printed-to", file);
                            } catch (IOException e) {
                                return Texts.of(
                                        "lab.cannot-be-written-the-note",
                                        file,
                                        FileTrouble.reason(e));
                            }
                        },
                        services.messages()::say);
    }
}
