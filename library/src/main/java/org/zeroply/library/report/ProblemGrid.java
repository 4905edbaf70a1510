package org.zeroply.library.report;

import java.util.List;
import org.zeroply.library.drawing.Face;
import org.zeroply.library.drawing.Ink;
import org.zeroply.library.drawing.Pen;

/** Sets a position to solve into its part of a page: title, prompt, diagram, ruled lines. */
final class ProblemGrid {

    private static final double GAP = 20;
    private static final double SIZE = 9.5;
    private static final double LEADING = 1.3;

    /** From rule to rule, for handwriting. */
    private static final double RULE = 21;

    private final Face plain;
    private final Face bold;
    private final int perPage;

    ProblemGrid(Face plain, Face bold, int perPage) {
        this.plain = plain;
        this.bold = bold;
        this.perPage = perPage;
    }

    int columns() {
        return perPage < 4 ? 1 : 2;
    }

    int rows() {
        return perPage / columns();
    }

    /**
     * Draws one position.
     *
     * @param index which of the page, 0-based
     * @param height height of all of them together
     */
    void draw(
            Pen pen,
            Report.Problem problem,
            int index,
            double left,
            double top,
            double width,
            double height) {
        double cellWidth = (width - (columns() - 1) * GAP) / columns();
        double cellHeight = (height - (rows() - 1) * GAP) / rows();
        double x = left + index % columns() * (cellWidth + GAP);
        double y = top + index / columns() * (cellHeight + GAP);
        double bottom = y + cellHeight;
        y = words(pen, problem.title(), true, Ink.INK, x, y, cellWidth);
        y = words(pen, problem.prompt(), false, Ink.FADED, x, y, cellWidth) + 6;
        if (perPage == 2) {
            double size = Math.min(bottom - y, cellWidth * 0.55);
            problem.diagram().draw(pen, x, y, size);
            rules(pen, x + size + GAP, y, cellWidth - size - GAP, bottom);
        } else {
            double share = perPage == 1 ? 0.62 : perPage == 4 ? 0.72 : 0.80;
            double size = Math.min(cellWidth, (bottom - y) * share);
            problem.diagram().draw(pen, x, y, size);
            rules(pen, x, y + size, cellWidth, bottom);
        }
    }

    private static void rules(Pen pen, double x, double top, double width, double bottom) {
        for (double y = top + RULE; y <= bottom; y += RULE) {
            pen.line(List.of(x, y, x + width, y), Ink.RULE, 0.7, false);
        }
    }

    private double words(
            Pen pen, String text, boolean heavy, Ink ink, double x, double top, double width) {
        double y = top;
        for (String line : (heavy ? bold : plain).lines(text, SIZE, width)) {
            y += SIZE * LEADING;
            pen.text(x, y - SIZE * 0.3, SIZE, heavy, ink, Pen.Anchor.START, line);
        }
        return y;
    }
}
