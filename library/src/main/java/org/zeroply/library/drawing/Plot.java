package org.zeroply.library.drawing;

/** A picture of figures. */
public interface Plot {

    /** Draws it into a box; the figures of its axes stand left of and under the box. */
    void draw(Pen pen, double x, double y, double width, double height);
}
