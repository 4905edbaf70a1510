package org.zeroply.desktop.lessons;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** Asks what a lesson is to be about. */
final class DraftPane extends VBox {

    private final ComboBox<String> about = new ComboBox<>();
    private final Label problem = Widgets.wrapped("", "faded");
    private List<String> suggestions = List.of();

    /**
     * @param draft told what the lesson is to be about
     * @param close closes the card
     */
    DraftPane(Consumer<String> draft, Runnable close) {
        super(10);
        setId("draft-lesson");
        getStyleClass().add("card");
        setMaxSize(560, USE_PREF_SIZE);
        about.setId("draft-about");
        about.setEditable(true);
        about.setMaxWidth(Double.MAX_VALUE);
        about.setAccessibleText(Texts.of("lessons.what-the-lesson-is-about"));
        about.setPromptText("isolated queen's pawn");
        about.getEditor().setOnAction(e -> draft(draft, close));
        about.getEditor().textProperty().addListener(o -> problem.setText(""));
        problem.setId("draft-problem");
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("lessons.draft-a-lesson"), "sheet-title"),
                        Widgets.wrapped(
                                Texts.of("lessons.its-examples-and-questions-come"), "plain"),
                        about,
                        problem,
                        Widgets.row(
                                Widgets.spacer(),
                                Widgets.quiet("draft-cancel", Texts.of("lessons.cancel"), close),
                                Widgets.primary(
                                        "draft-begin",
                                        Texts.of("lessons.draft-it"),
                                        () -> draft(draft, close))));
    }

    /** Offers these. */
    void offer(List<String> all) {
        suggestions = all;
        String text = about.getEditor().getText();
        about.getItems().setAll(all);
        about.getEditor().setText(text);
    }

    /** Puts the focus where one types. */
    void begin() {
        about.getEditor().requestFocus();
    }

    private void draft(Consumer<String> draft, Runnable close) {
        String text = about.getEditor().getText() == null ? "" : about.getEditor().getText();
        DraftModel.problem(text, suggestions)
                .ifPresentOrElse(
                        problem::setText,
                        () -> {
                            close.run();
                            draft.accept(text);
                        });
    }
}
