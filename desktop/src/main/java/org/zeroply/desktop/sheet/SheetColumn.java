package org.zeroply.desktop.sheet;

import java.util.List;
import java.util.function.Function;
import org.zeroply.chess.tree.Node;

/**
 * A column beside the rows of a line sheet, where each row begins.
 *
 * @param title its heading
 * @param hint what it means
 * @param width in pixels
 * @param words whether words stand there, set to the left, and not figures, set to the right
 * @param text what stands there, for the moves of a row that no earlier row has
 */
public record SheetColumn(
        String title, String hint, double width, boolean words, Function<List<Node>, String> text) {

    /** A column of figures. */
    public SheetColumn(String title, String hint, double width, Function<List<Node>, String> text) {
        this(title, hint, width, false, text);
    }
}
