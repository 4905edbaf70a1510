package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.RepertoireNote;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.TreeSession;

/** What the repertoire says about the move on the board: its standing, the idea, the cards. */
final class NoteEditor extends VBox {

    private final TreeSession session;
    private final CardBuilder builder;
    private final ToggleButton main =
            Widgets.toggle(
                    "note-main",
                    Texts.of("repertoire.main"),
                    Texts.of("repertoire.the-recommended-move-here"));
    private final ToggleButton must =
            Widgets.toggle(
                    "note-must",
                    Texts.of("repertoire.must-know"),
                    Texts.of("repertoire.to-be-known-by-heart"));
    private final ToggleButton trap =
            Widgets.toggle(
                    "note-trap",
                    Texts.of("repertoire.trap"),
                    Texts.of("repertoire.set-for-a-likely-reply"));
    private final ToggleButton quiet =
            Widgets.toggle(
                    "note-quiet",
                    Texts.of("repertoire.quiet"),
                    Texts.of("repertoire.for-the-quiet-school"));
    private final ToggleButton sharp =
            Widgets.toggle(
                    "note-sharp",
                    Texts.of("repertoire.sharp"),
                    Texts.of("repertoire.for-the-sharp-school"));
    private final TextField idea = new TextField();
    private final TextField accept = new TextField();
    private final VBox cards = new VBox(2);
    private Node edited;
    private boolean showing;

    NoteEditor(RepertoireModel model, CardBuilder builder) {
        super(6);
        this.session = model.session();
        this.builder = builder;
        setId("note-editor");
        idea.setId("note-idea");
        idea.setPromptText(Texts.of("repertoire.the-idea-here-break-weak"));
        idea.setAccessibleText(Texts.of("repertoire.idea-of-the-position-after"));
        accept.setId("note-accept");
        accept.setPromptText(Texts.of("repertoire.why-you-accept-what-it"));
        accept.setAccessibleText(Texts.of("repertoire.why-you-accept-what-the"));
        accept.setPrefColumnCount(17);
        accept.setMinWidth(90);
        HBox.setHgrow(accept, Priority.ALWAYS);
        Widgets.whenTyped(idea, this::commit);
        Widgets.whenTyped(accept, this::commit);
        main.setOnAction(e -> change(n -> n.withMain(main.isSelected())));
        must.setOnAction(e -> change(n -> n.withMust(must.isSelected())));
        trap.setOnAction(e -> change(n -> n.withTrap(trap.isSelected())));
        quiet.setOnAction(e -> school(quiet, Approach.QUIET));
        sharp.setOnAction(e -> school(sharp, Approach.SHARP));
        Button card =
                Widgets.button(
                        "note-card",
                        Texts.of("repertoire.add-a-card"),
                        () -> builder.begin(this::addCard));
        HBox.setHgrow(idea, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(main, must, trap, quiet, sharp, accept),
                        Widgets.row(idea, card),
                        cards);
        session.currentProperty()
                .addListener(
                        (o, was, is) -> {
                            commit();
                            show();
                        });
        session.revisionProperty().addListener(o -> show());
        show();
    }

    private void school(ToggleButton button, Approach approach) {
        Optional<Approach> chosen = button.isSelected() ? Optional.of(approach) : Optional.empty();
        change(n -> n.withApproach(chosen));
    }

    private void change(UnaryOperator<RepertoireNote> change) {
        Node node = session.current();
        session.editor().annotate(node, a -> a.withRepertoire(change.apply(a.repertoire())));
    }

    private void show() {
        showing = true;
        edited = session.current();
        RepertoireNote note = edited.annotation().repertoire();
        boolean move = !edited.isRoot();
        List.of(main, must, trap, quiet, sharp, accept).forEach(c -> c.setDisable(!move));
        setDisable(session.id().isEmpty());
        main.setSelected(note.main());
        must.setSelected(note.must());
        trap.setSelected(note.trap());
        quiet.setSelected(note.approach().equals(Optional.of(Approach.QUIET)));
        sharp.setSelected(note.approach().equals(Optional.of(Approach.SHARP)));
        FieldText.show(idea, edited, note.idea().orElse(""));
        FieldText.show(accept, edited, note.accepted().orElse(""));
        cards.getChildren().setAll(note.cards().stream().map(this::card).toList());
        showing = false;
    }

    private HBox card(String text) {
        Label label = Widgets.wrapped(text, "card-text");
        HBox.setHgrow(label, Priority.ALWAYS);
        CardReader.problem(text)
                .ifPresent(
                        why -> {
                            label.getStyleClass().add("alarm");
                            label.setTooltip(new Tooltip(why));
                        });
        Button change =
                Widgets.button(
                        "",
                        Texts.of("repertoire.change"),
                        () -> builder.begin(text, t -> replace(text, t)));
        Button remove = Widgets.button("", Texts.of("repertoire.remove"), () -> replace(text, ""));
        change.getStyleClass().add("quiet-button");
        remove.getStyleClass().add("quiet-button");
        return new HBox(6, label, change, remove);
    }

    private void addCard(String text) {
        replace("", text);
    }

    private void replace(String old, String text) {
        change(
                n -> {
                    List<String> now = new ArrayList<>(n.cards());
                    int at = now.indexOf(old);
                    if (at >= 0) {
                        now.remove(at);
                    }
                    if (!text.isEmpty() && !now.contains(text)) {
                        now.add(at >= 0 ? at : now.size(), text);
                    }
                    return n.withCards(now);
                });
    }

    /** Keeps words that were typed but not confirmed. */
    void commit() {
        if (showing || edited == null || !edited.isWithin(session.tree().root())) {
            return;
        }
        RepertoireNote said = edited.annotation().repertoire();
        RepertoireNote now =
                said.withIdea(given(idea))
                        .withAccepted(edited.isRoot() ? said.accepted() : given(accept));
        if (!now.equals(said)) {
            session.editor().annotate(edited, a -> a.withRepertoire(now));
        }
    }

    private static Optional<String> given(TextField field) {
        String text = field.getText().strip();
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    /** Puts the cursor where the idea is written. */
    void writeIdea() {
        idea.requestFocus();
    }

    /** Puts the cursor where it is said why a costly move is accepted. */
    void writeAcceptance() {
        accept.requestFocus();
    }
}
