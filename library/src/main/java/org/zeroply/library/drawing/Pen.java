package org.zeroply.library.drawing;

import java.util.List;

/** Draws on a page, whatever it is made of. Lengths are in points, y grows downwards. */
public interface Pen {

    /** Where a text stands against its point. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** Fills a rectangle. */
    void rectangle(double x, double y, double width, double height, Ink fill);

    /**
     * Draws a line through points.
     *
     * @param points x and y in turn
     */
    void line(List<Double> points, Ink ink, double width, boolean dashed);

    /**
     * Fills a shape.
     *
     * @param points x and y of its corners in turn
     */
    void shape(List<Double> points, Ink fill);

    /** A circle, filled with one ink and drawn with another. */
    void circle(double x, double y, double radius, Ink fill, Ink line, double width);

    /** One line of text; y is its base line. */
    void text(double x, double y, double size, boolean bold, Ink ink, Anchor anchor, String text);

    /**
     * Fills or strokes SVG paths (absolute M, L, C, Z) in a box of 100 by 100.
     *
     * @param x left edge of the box
     * @param y upper edge of the box
     * @param size width and height of the box
     * @param fill what to fill with
     * @param line what to draw the outline with, of this width in the box's own units
     */
    void paths(
            double x, double y, double size, List<String> paths, Ink fill, Ink line, double width);

    /** Strokes SVG paths in a box as {@link #paths} does, without filling. */
    void strokes(double x, double y, double size, List<String> paths, Ink line, double width);
}
