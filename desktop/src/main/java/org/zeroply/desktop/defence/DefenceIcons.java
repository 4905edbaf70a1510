package org.zeroply.desktop.defence;

import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.shape.SVGPath;
import org.zeroply.coach.defence.elimination.Cost;
import org.zeroply.coach.defence.elimination.DefenceKind;
import org.zeroply.desktop.controls.Widgets;

/** Ways and costs of a defence as a word with a small drawn sign, on a field of 16 by 16. */
final class DefenceIcons {

    private DefenceIcons() {}

    /** A way of meeting the threat. */
    static Label way(DefenceKind kind) {
        return chip(kind.words(), path(kind), "way-chip");
    }

    /** What a defence costs; the squares are told by the hint. */
    static Label cost(Cost cost) {
        Label chip = chip(cost.kind().words(), path(cost.kind()), "cost-chip");
        chip.setTooltip(new Tooltip(cost.text()));
        chip.setAccessibleText(cost.text());
        return chip;
    }

    private static Label chip(String words, String path, String style) {
        SVGPath sign = new SVGPath();
        sign.setContent(path);
        sign.getStyleClass().add("chip-sign");
        Label chip = Widgets.label(words, style);
        chip.setGraphic(sign);
        chip.setMinWidth(Label.USE_PREF_SIZE);
        return chip;
    }

    private static String path(DefenceKind kind) {
        return switch (kind) {
            case BLOCK_PAWN -> "M2 8 H6 M10 8 H14 M8 3 V13 M6 13 H10";
            case BLOCK_PIECE -> "M2 8 H5 M11 8 H14 M6 3 H10 V13 H6 Z";
            case GUARD -> "M8 2 L13 4 V8 C13 11 10 13 8 14 C6 13 3 11 3 8 V4 Z";
            case GUARD_THROUGH -> "M8 4 L13 5 V9 C13 11 10 13 8 14 C6 13 3 11 3 9 V5 Z M8 1 V4";
            case CAPTURE -> "M3 3 L13 13 M13 3 L3 13";
            case PIN -> "M8 2 V14 M4 5 H12 M5 9 H11";
            case DEFLECT -> "M2 12 L8 6 L14 12 M14 8 V12 H10";
            case MAKE_ROOM -> "M3 14 V2 H13 V14 M9 8 H14 M12 6 L14 8 L12 10";
            case MOVE_TARGET -> "M2 8 H13 M9 4 L13 8 L9 12";
            case COUNTER_THREAT -> "M2 5 H11 M8 2 L11 5 L8 8 M14 11 H5 M8 8 L5 11 L8 14";
            case CHECK -> "M8 2 V10 M8 13 V14";
        };
    }

    private static String path(Cost.Kind kind) {
        return switch (kind) {
            case MATERIAL -> "M3 8 H13";
            case WEAK_COLOUR -> "M3 3 H13 V13 H3 Z M3 13 L13 3";
            case PAWN_COVER -> "M2 12 H5 V8 H2 Z M11 12 H14 V8 H11 Z M8 3 V6";
            case TIED_PIECE -> "M8 2 V7 M5 7 H11 V13 H5 Z";
            case BACK_RANK -> "M2 13 H14 M4 13 V8 M12 13 V8";
        };
    }
}
