package org.zeroply.desktop.solve;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;

/**
 * A marked sheet: how deep each line was seen, points per item of the scheme, and what became of
 * each row written. Where there is somebody to decide, items can be overruled and rows granted.
 */
public final class MarkedSheetView extends ScrollPane {

    /** What the coach can decide about a sheet. */
    public interface Decisions {
        /** Gives an item other points. */
        void rule(Ruling ruling);

        /** Takes a ruling back. */
        void withdraw(Ruling ruling);

        /** Grants a row what it would earn were it in the scheme, and takes it into the scheme. */
        void grant(int row);
    }

    /** A longer line tells by figures how much of it was seen. */
    private static final int MOST_DOTS = 7;

    private final VBox content = new VBox(3);
    private final Consumer<String> play;
    private final Optional<Decisions> decisions;

    /**
     * @param play called with a numbered line that is to be played through on the board
     */
    public MarkedSheetView(Consumer<String> play) {
        this(play, Optional.empty());
    }

    /**
     * @param decisions told what the coach decides, if somebody may
     */
    public MarkedSheetView(Consumer<String> play, Optional<Decisions> decisions) {
        this.play = play;
        this.decisions = decisions;
        setId("marked-sheet");
        setFitToWidth(true);
        setContent(content);
        content.getStyleClass().add("marked");
    }

    /** Shows a sheet as it was marked, with what was decided about it. */
    public void show(MarkedSheet marked, List<Ruling> rulings, int seconds) {
        MarkedSheet sheet = marked.with(rulings);
        content.getChildren().clear();
        Label total =
                Widgets.label(Texts.of("solve.of-points", sheet.points(), sheet.max()), "total");
        total.setId("marked-points");
        String verdict =
                sheet.verdictRight()
                        ? Texts.of("solve.the-verdict-on-the-main")
                        : Texts.of("solve.the-verdict-on-the-main-line");
        String time = Texts.of("solve.time-used", MinutesSeconds.of(seconds));
        HBox head = Widgets.row(total, Widgets.wrapped(verdict + "  ·  " + time, "faded"));
        content.getChildren().add(head);
        if (!sheet.lines().isEmpty()) {
            content.getChildren().add(Widgets.label(Texts.of("solve.how-deep-you-saw"), "part"));
            sheet.lines().forEach(l -> content.getChildren().add(line(l)));
        }
        content.getChildren()
                .add(Widgets.label(Texts.of("solve.marking-scheme-press-a-line"), "part"));
        for (int i = 0; i < sheet.items().size(); i++) {
            content.getChildren().add(item(i, sheet.items().get(i), rulings));
        }
        if (!sheet.rows().isEmpty()) {
            content.getChildren().add(Widgets.label(Texts.of("solve.rows-written"), "part"));
        }
        sheet.rows().forEach(r -> content.getChildren().add(row(r, rulings)));
        setVvalue(0);
    }

    private VBox line(MarkedSheet.LineMark line) {
        boolean isShort = line.plies() <= MOST_DOTS;
        Label seen =
                Widgets.label(
                        isShort
                                ? "●".repeat(line.seen()) + "○".repeat(line.plies() - line.seen())
                                : line.seen() + " / " + line.plies(),
                        "depth-seen");
        seen.setMinWidth(82);
        String what =
                line.seen() == 0
                        ? Texts.of("solve.not-seen")
                        : line.seen() == line.plies()
                                ? Texts.of("solve.seen-to-its-end")
                                : Texts.of("solve.seen-of-plies", line.seen(), line.plies());
        String points =
                line.points() == 0 ? "" : Texts.of("solve.of", line.earned(), line.points());
        Label text = Widgets.label(line.line(), "number");
        text.setWrapText(true);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        VBox box = playable(line.line(), new HBox(8, seen, text), List.of(what + points));
        box.setAccessibleText(line.line() + ", " + what);
        return box;
    }

    private VBox item(int index, MarkedSheet.ItemMark item, List<Ruling> rulings) {
        boolean earned = item.earned() > 0;
        Label mark = Widgets.label(earned ? "✓" : "–", earned ? "earned" : "missed");
        mark.setMinWidth(16);
        Label points = Widgets.label(item.earned() + " / " + item.points(), "number");
        points.setMinWidth(58);
        Label line = Widgets.label(item.line(), "number");
        line.setWrapText(true);
        line.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(line, Priority.ALWAYS);
        HBox top = new HBox(8, mark, points, line);
        VBox box = playable(item.line(), top, List.of(item.why()));
        Ruling own = Ruling.item(index, item.earned(), "");
        decisions.ifPresent(
                d -> {
                    Button button =
                            rulings.stream().anyMatch(r -> r.isAbout(own))
                                    ? quiet(
                                            "withdraw-" + index,
                                            Texts.of("solve.take-back"),
                                            () -> d.withdraw(own))
                                    : quiet(
                                            "overrule-" + index,
                                            Texts.of("solve.overrule"),
                                            () -> edit(box, index, item.earned(), d));
                    top.getChildren().add(button);
                });
        return box;
    }

    private static Button quiet(String id, String text, Runnable action) {
        Button button = Widgets.button(id, text, action);
        button.getStyleClass().add("quiet-button");
        return button;
    }

    /** Points and a note, under the item. */
    private static void edit(VBox box, int index, int earned, Decisions decisions) {
        if (box.lookup("#ruling-points") != null) {
            return;
        }
        TextField points = new TextField(String.valueOf(earned));
        points.setId("ruling-points");
        points.setAccessibleText(Texts.of("solve.points-the-coach-gives"));
        points.setPrefWidth(56);
        TextField note = new TextField();
        note.setId("ruling-note");
        note.setPromptText(Texts.of("solve.why"));
        note.setAccessibleText(Texts.of("solve.why"));
        HBox.setHgrow(note, Priority.ALWAYS);
        Runnable keep =
                () -> {
                    if (points.getText().strip().matches("\\d{1,3}")) {
                        int now = Integer.parseInt(points.getText().strip());
                        decisions.rule(Ruling.item(index, now, note.getText()));
                    } else {
                        points.requestFocus();
                    }
                };
        note.setOnAction(e -> keep.run());
        points.setOnAction(e -> keep.run());
        HBox row =
                Widgets.row(
                        points, note, Widgets.button("ruling-keep", Texts.of("solve.keep"), keep));
        box.getChildren().add(row);
        points.requestFocus();
    }

    private VBox row(MarkedSheet.RowMark row, List<Ruling> rulings) {
        Label number = Widgets.label(Texts.of("solve.row", row.row()), "faded");
        number.setMinWidth(82);
        Label text = Widgets.label(row.text(), "pencil");
        text.setWrapText(true);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        boolean plain = row.detail().equals(row.status().words());
        String what = row.status().words() + (plain ? "" : ": " + row.detail());
        String wrong =
                row.wrong().isEmpty()
                        ? ""
                        : Texts.of(
                                "solve.went-wrong-at",
                                row.wrong(),
                                row.overlooked().isEmpty()
                                        ? "."
                                        : Texts.of("solve.overlooked-was", row.overlooked()));
        List<String> notes =
                List.of(what, wrong, row.proof()).stream().filter(n -> !n.isEmpty()).toList();
        String playable = row.proof().isEmpty() ? row.text() : row.proof();
        HBox top = new HBox(8, number, text);
        VBox box = playable(playable, top, notes);
        decisions.ifPresent(d -> decide(d, row, rulings, top, box));
        return box;
    }

    private static void decide(
            Decisions decisions,
            MarkedSheet.RowMark row,
            List<Ruling> rulings,
            HBox top,
            VBox box) {
        Ruling own = Ruling.row(row.row(), 0, "");
        if (rulings.stream().anyMatch(r -> r.isAbout(own))) {
            top.getChildren()
                    .add(
                            quiet(
                                    "withdraw-row-" + row.row(),
                                    Texts.of("solve.take-back"),
                                    () -> decisions.withdraw(own)));
            return;
        }
        boolean open =
                row.status() == MarkedSheet.Status.SOUND
                        || row.status() == MarkedSheet.Status.UNCHECKED;
        if (open) {
            top.getChildren()
                    .add(
                            quiet(
                                    "grant-" + row.row(),
                                    Texts.of("solve.grant-g"),
                                    () -> decisions.grant(row.row())));
            box.addEventHandler(
                    KeyEvent.KEY_PRESSED,
                    e -> {
                        if (e.getCode() == KeyCode.G) {
                            decisions.grant(row.row());
                            e.consume();
                        }
                    });
        }
    }

    private VBox playable(String line, HBox top, List<String> notes) {
        VBox box = new VBox(top);
        for (String note : notes) {
            Label label = Widgets.label(note, "why");
            label.setWrapText(true);
            box.getChildren().add(label);
        }
        box.getStyleClass().add("playable");
        box.setFocusTraversable(true);
        box.setAccessibleText(Texts.of("solve.play", line));
        box.setOnMouseClicked(e -> play.accept(line));
        box.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.SPACE && e.getTarget() == box) {
                        play.accept(line);
                    }
                });
        return box;
    }
}
