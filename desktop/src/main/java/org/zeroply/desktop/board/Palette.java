package org.zeroply.desktop.board;

import javafx.scene.paint.Color;

/**
 * The colours of what is drawn by hand; those of controls are in the stylesheet under the same
 * names.
 */
public record Palette(Paper paper, Inks inks, Squares squares, Men men) {

    /**
     * What everything lies on.
     *
     * @param page the window
     * @param sheet what is written on
     * @param rule lines on it
     */
    public record Paper(Color page, Color sheet, Color rule) {}

    /**
     * What is written.
     *
     * @param ink the text
     * @param faded what matters less
     * @param coach what the coach chose
     * @param pencil what the program says
     * @param proof what is good or proved
     * @param alarm what is bad
     */
    public record Inks(
            Color ink, Color faded, Color coach, Color pencil, Color proof, Color alarm) {}

    /**
     * The board.
     *
     * @param hatch lines over the dark squares
     */
    public record Squares(Color light, Color dark, Color hatch) {}

    /**
     * The men.
     *
     * @param line around both
     */
    public record Men(Color white, Color black, Color line) {}

    private static Paper paper(String page, String sheet, String rule) {
        return new Paper(Color.web(page), Color.web(sheet), Color.web(rule));
    }

    private static Inks inks(
            String ink, String faded, String coach, String pencil, String proof, String alarm) {
        return new Inks(
                Color.web(ink),
                Color.web(faded),
                Color.web(coach),
                Color.web(pencil),
                Color.web(proof),
                Color.web(alarm));
    }

    private static Squares squares(String light, String dark, String hatch) {
        return new Squares(Color.web(light), Color.web(dark), Color.web(hatch));
    }

    private static Men men(String white, String black, String line) {
        return new Men(Color.web(white), Color.web(black), Color.web(line));
    }

    /** Ink on paper. */
    public static final Palette PAPER =
            new Palette(
                    paper("#F7F4EE", "#FFFDF8", "#DDD5C7"),
                    inks("#22252B", "#6B6A66", "#1F5A66", "#6A5A8C", "#3E6B3A", "#A23B2A"),
                    squares("#FFFDF8", "#E3DACA", "#B8AB94"),
                    men("#FFFFFF", "#2B2E35", "#22252B"));

    /** The same workbook under a lamp. */
    public static final Palette LAMP =
            new Palette(
                    paper("#1E2024", "#26292E", "#43464D"),
                    inks("#ECE7DC", "#A9A59B", "#7CC0CC", "#B7A6DE", "#94C48D", "#E8917F"),
                    squares("#C9C2B3", "#8F887A", "#6F695D"),
                    men("#FBF8F1", "#1B1D21", "#1B1D21"));

    /** More contrast, for a wall seen from the third row. */
    public static final Palette PROJECTOR =
            new Palette(
                    paper("#FFFFFF", "#FFFFFF", "#B9B2A4"),
                    inks("#000000", "#3A3A38", "#0B4653", "#4B3A73", "#1F4F1B", "#8A1E0E"),
                    squares("#FFFFFF", "#C9BCA4", "#8F8067"),
                    men("#FFFFFF", "#15171B", "#000000"));
}
