package org.zeroply.desktop.lessons;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.lesson.Beside;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.board.SmallBoard;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The positions beside that of a step, as small boards with what is different. */
final class BesideEditor extends VBox {

    private static final double BOARD = 116;
    private static final double CARD = 176;

    /** Room for the words and what follows below a board, and for a bar to scroll sideways. */
    private static final double FOOT = 86;

    private final LessonsModel model;
    private final HBox cards = new HBox(10);
    private Palette palette = Palette.PAPER;
    private Optional<LessonStep> shown = Optional.empty();

    BesideEditor(LessonsModel model, StepEditor.SetsUp setUp) {
        super(6);
        this.model = model;
        setId("beside-editor");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToHeight(true);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("plain-scroll");
        scroll.setMinHeight(BOARD + FOOT);
        scroll.setFocusTraversable(false);
        getChildren()
                .addAll(
                        scroll,
                        Widgets.row(
                                Widgets.quiet(
                                        "step-put-beside",
                                        Texts.of("lessons.put-the-board-beside-it"),
                                        this::put),
                                Widgets.quiet(
                                        "step-change-beside",
                                        Texts.of("lessons.change-something"),
                                        () ->
                                                setUp.change(
                                                        model.session().tree().start(),
                                                        this::put))));
    }

    void setPalette(Palette value) {
        palette = value;
        shown.ifPresent(
                step -> {
                    shown = Optional.empty();
                    show(step);
                });
    }

    /** Shows the positions of a step. */
    void show(LessonStep step) {
        List<Beside> all = step.beside();
        boolean same =
                shown.filter(s -> s.beside().equals(all) && s.seenFrom() == step.seenFrom())
                        .isPresent();
        shown = Optional.of(step);
        if (same) {
            return;
        }
        cards.getChildren().clear();
        for (int i = 0; i < all.size(); i++) {
            cards.getChildren().add(card(all.get(i), i, step.seenFrom()));
        }
    }

    private VBox card(Beside beside, int place, Side seenFrom) {
        SmallBoard board = new SmallBoard(beside.position(), BOARD, palette, seenFrom);
        TextField words = new TextField(beside.words());
        words.setId("beside-words-" + (place + 1));
        words.setPromptText(Texts.of("lessons.what-is-different"));
        words.setAccessibleText(Texts.of("lessons.what-is-different-in-position", place + 1));
        Widgets.whenTyped(words, () -> say(place, words.getText()));
        String cells =
                beside.cells().stream()
                        .map(c -> c.move() + " " + c.becomes())
                        .collect(Collectors.joining(", "));
        HBox foot =
                Widgets.row(
                        Widgets.label(cells, "faded"),
                        Widgets.spacer(),
                        Widgets.removing(
                                "beside-remove-" + (place + 1),
                                Texts.of("lessons.take-out"),
                                () -> take(place)));
        VBox card = new VBox(board, words, foot);
        card.getStyleClass().add("beside-card");
        card.setMinWidth(CARD);
        card.setMaxWidth(CARD);
        return card;
    }

    private void put(Position position) {
        List<Beside> all = beside();
        all.add(new Beside(position, List.of(), ""));
        write(all);
    }

    /** The position that was gone to on the board. */
    private void put() {
        put(model.session().current().position());
    }

    private void say(int place, String words) {
        List<Beside> all = beside();
        if (place < all.size() && !all.get(place).words().equals(words.strip())) {
            Beside was = all.get(place);
            all.set(place, new Beside(was.position(), was.cells(), words.replaceAll("\\s+", " ")));
            write(all);
        }
    }

    private void take(int place) {
        List<Beside> all = beside();
        all.remove(place);
        write(all);
    }

    private List<Beside> beside() {
        return new ArrayList<>(model.step().map(LessonStep::beside).orElse(List.of()));
    }

    private void write(List<Beside> all) {
        model.changeStep(
                s -> s.numbered(LessonStep.BESIDE, all.stream().map(Beside::written).toList()));
    }
}
