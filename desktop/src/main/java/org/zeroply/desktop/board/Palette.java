package org.zeroply.desktop.board;

import javafx.scene.paint.Color;

/**
 * The colours of what is drawn by hand; those of controls are in the stylesheet under the same
 * names.
 */
public record Palette(
        Color page,
        Color sheet,
        Color rule,
        Color ink,
        Color faded,
        Color coach,
        Color pencil,
        Color proof,
        Color alarm,
        Color lightSquare,
        Color darkSquare,
        Color hatch,
        Color whiteMan,
        Color blackMan,
        Color manLine) {

    /** Ink on paper. */
    public static final Palette PAPER =
            new Palette(
                    Color.web("#F7F4EE"),
                    Color.web("#FFFDF8"),
                    Color.web("#DDD5C7"),
                    Color.web("#22252B"),
                    Color.web("#6B6A66"),
                    Color.web("#1F5A66"),
                    Color.web("#6A5A8C"),
                    Color.web("#3E6B3A"),
                    Color.web("#A23B2A"),
                    Color.web("#FFFDF8"),
                    Color.web("#E3DACA"),
                    Color.web("#B8AB94"),
                    Color.web("#FFFFFF"),
                    Color.web("#2B2E35"),
                    Color.web("#22252B"));

    /** The same workbook under a lamp. */
    public static final Palette LAMP =
            new Palette(
                    Color.web("#1E2024"),
                    Color.web("#26292E"),
                    Color.web("#43464D"),
                    Color.web("#ECE7DC"),
                    Color.web("#A9A59B"),
                    Color.web("#7CC0CC"),
                    Color.web("#B7A6DE"),
                    Color.web("#94C48D"),
                    Color.web("#E8917F"),
                    Color.web("#C9C2B3"),
                    Color.web("#8F887A"),
                    Color.web("#6F695D"),
                    Color.web("#FBF8F1"),
                    Color.web("#1B1D21"),
                    Color.web("#1B1D21"));

    /** More contrast, for a wall seen from the third row. */
    public static final Palette PROJECTOR =
            new Palette(
                    Color.web("#FFFFFF"),
                    Color.web("#FFFFFF"),
                    Color.web("#B9B2A4"),
                    Color.web("#000000"),
                    Color.web("#3A3A38"),
                    Color.web("#0B4653"),
                    Color.web("#4B3A73"),
                    Color.web("#1F4F1B"),
                    Color.web("#8A1E0E"),
                    Color.web("#FFFFFF"),
                    Color.web("#C9BCA4"),
                    Color.web("#8F8067"),
                    Color.web("#FFFFFF"),
                    Color.web("#15171B"),
                    Color.web("#000000"));
}
