package org.zeroply.desktop.desk;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.coach.exercise.MarkedSheet;

/** A marked sheet: points per line of the scheme, and what became of each row written. */
final class MarkedSheetView extends ScrollPane {

    private final VBox content = new VBox(3);
    private final Consumer<String> play;

    /**
     * @param play called with a numbered line that is to be played through on the board
     */
    MarkedSheetView(Consumer<String> play) {
        this.play = play;
        setId("marked-sheet");
        setFitToWidth(true);
        setContent(content);
        content.getStyleClass().add("marked");
    }

    void show(MarkedSheet sheet, int seconds) {
        content.getChildren().clear();
        Label total = Widgets.label(sheet.points() + " of " + sheet.max() + " points", "total");
        total.setId("marked-points");
        String verdict =
                sheet.verdictRight()
                        ? "✓ the verdict on the main line is right"
                        : "✗ the verdict on the main line is wrong or missing";
        String time = String.format("time used %d:%02d", seconds / 60, seconds % 60);
        HBox head = Widgets.row(total, Widgets.label(verdict + "  ·  " + time, "faded"));
        content.getChildren()
                .addAll(head, Widgets.label("Marking scheme: press a line to play it", "part"));
        sheet.items().forEach(i -> content.getChildren().add(item(i)));
        content.getChildren().add(Widgets.label("Rows written", "part"));
        sheet.rows().forEach(r -> content.getChildren().add(row(r)));
        setVvalue(0);
    }

    private VBox item(MarkedSheet.ItemMark item) {
        boolean earned = item.earned() > 0;
        Label mark = Widgets.label(earned ? "✓" : "–", earned ? "earned" : "missed");
        mark.setMinWidth(16);
        Label points = Widgets.label(item.earned() + " / " + item.points(), "number");
        points.setMinWidth(58);
        Label line = Widgets.label(item.line(), "number");
        line.setWrapText(true);
        HBox.setHgrow(line, Priority.ALWAYS);
        return playable(item.line(), new HBox(8, mark, points, line), List.of(item.why()));
    }

    private VBox row(MarkedSheet.RowMark row) {
        Label number = Widgets.label("row " + row.row(), "faded");
        number.setMinWidth(58);
        Label text = Widgets.label(row.text(), "pencil");
        text.setWrapText(true);
        HBox.setHgrow(text, Priority.ALWAYS);
        boolean plain = row.detail().equals(row.status().words());
        String what = row.status().words() + (plain ? "" : ": " + row.detail());
        List<String> notes = row.proof().isEmpty() ? List.of(what) : List.of(what, row.proof());
        String playable = row.proof().isEmpty() ? row.text() : row.proof();
        return playable(playable, new HBox(8, number, text), notes);
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
        box.setAccessibleText("Play " + line);
        box.setOnMouseClicked(e -> play.accept(line));
        box.setOnKeyPressed(
                e -> {
                    if (e.getCode() == javafx.scene.input.KeyCode.SPACE) {
                        play.accept(line);
                    }
                });
        return box;
    }
}
