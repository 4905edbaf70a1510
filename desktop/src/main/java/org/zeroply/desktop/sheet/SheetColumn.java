package org.zeroply.desktop.sheet;

import java.util.List;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import org.zeroply.chess.tree.Node;

/**
 * A column beside the rows of a line sheet, where each row begins.
 *
 * @param title its heading
 * @param hint what it means
 * @param width in pixels at the usual size of text
 * @param words whether words stand there, set to the left, and not figures, set to the right
 * @param text what stands there, for the moves of a row that no earlier row has
 */
public record SheetColumn(
        String title, String hint, double width, boolean words, Function<List<Node>, String> text) {

    /** A column of figures. */
    public SheetColumn(String title, String hint, double width, Function<List<Node>, String> text) {
        this(title, hint, width, false, text);
    }

    /** Words begin so far from the edge of their column. */
    private static final double WORDS = 6;

    /** Columns of words that are wider than this can be narrower: their words are wrapped. */
    private static final double NARROW = 100;

    /** Whether it may be narrower where there is little room. */
    boolean givesWay() {
        return words && width > NARROW;
    }

    /** Its heading, to be put at this place in this width. */
    Label heading(double x, double wide) {
        Label heading = new Label(title);
        heading.getStyleClass().add("move-number");
        heading.setTooltip(new Tooltip(hint));
        heading.setPrefWidth(wide - WORDS);
        heading.setAlignment(words ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
        heading.relocate(x + (words ? WORDS : 0), 1);
        return heading;
    }

    /** What stands in it beside a row, in this width. */
    Label cell(List<Node> own, double wide) {
        Label cell = new Label(text.apply(own));
        cell.getStyleClass().add("sheet-column");
        cell.setMinWidth(wide);
        cell.setMaxWidth(wide);
        cell.setAlignment(words ? Pos.TOP_LEFT : Pos.CENTER_RIGHT);
        if (words) {
            cell.getStyleClass().add("words");
            cell.setWrapText(true);
        }
        return cell;
    }
}
