package org.zeroply.desktop.sheet;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.controls.Widgets;

/** The printed sign of a verdict, drawn so that no font has to have it, beside its form in text. */
final class VerdictSign {

    private static final double BOX = 16;

    private VerdictSign() {}

    private static String path(Verdict verdict) {
        return switch (verdict) {
            case WHITE_WINS -> "M5 4 V12 M1 8 H9 M11 8 H16";
            case WHITE_BETTER -> "M8 1 V10 M3.5 5.5 H12.5 M3.5 13.5 H12.5";
            case WHITE_SLIGHTLY -> "M8 1 V8 M4.5 4.5 H11.5 M3 11 H13 M3 14 H13";
            case EQUAL -> "M3 6 H13 M3 10 H13";
            case BLACK_SLIGHTLY -> "M3 2 H13 M3 5 H13 M8 8 V15 M4.5 11.5 H11.5";
            case BLACK_BETTER -> "M3.5 2.5 H12.5 M8 6 V15 M3.5 10.5 H12.5";
            case BLACK_WINS -> "M0 8 H5 M11 4 V12 M7 8 H15";
            case UNCLEAR ->
                    "M8 8 C6 4.5 1.5 4.5 1.5 8 C1.5 11.5 6 11.5 8 8 C10 4.5 14.5 4.5 14.5 8"
                            + " C14.5 11.5 10 11.5 8 8";
            case COMPENSATION ->
                    "M3 2.5 H13 M3 5.5 H13 M8 11.5 C6.4 8.6 2.5 8.6 2.5 11.5 C2.5 14.4 6.4 14.4 8"
                            + " 11.5 C9.6 8.6 13.5 8.6 13.5 11.5 C13.5 14.4 9.6 14.4 8 11.5";
        };
    }

    /** The sign alone. */
    static StackPane drawn(Verdict verdict) {
        SVGPath shape = new SVGPath();
        shape.setContent(path(verdict));
        shape.getStyleClass().add("verdict-sign");
        StackPane box = new StackPane(shape);
        box.setMinSize(BOX, BOX);
        box.setMaxSize(BOX, BOX);
        return box;
    }

    /** The sign where there is room for no more; what it means is said when it is pointed at. */
    static HBox alone(Verdict verdict, String style) {
        StackPane sign = drawn(verdict);
        Tooltip.install(sign, Widgets.wide(verdict.symbol() + "  " + verdict.words()));
        HBox row = new HBox(4, sign);
        row.setAccessibleText(verdict.words());
        row.getStyleClass().add(style + "-row");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /**
     * The sign, and its form in text beside it.
     *
     * @param style whose verdict it is: the coach's in ink, the engine's faded
     */
    static HBox of(Verdict verdict, String style) {
        Label text = Widgets.label(verdict.symbol(), style);
        text.setMinWidth(HBox.USE_PREF_SIZE);
        text.setTooltip(Widgets.wide(verdict.words()));
        HBox row = new HBox(4, drawn(verdict), text);
        row.getStyleClass().add(style + "-row");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
