package org.zeroply.library.drawing;

import java.util.List;
import java.util.Locale;

/** Draws scalable pictures for pages. */
public final class SvgPen implements Pen {

    private final StringBuilder svg = new StringBuilder();

    private static String n(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static String pairs(List<Double> points) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i + 1 < points.size(); i += 2) {
            text.append(n(points.get(i))).append(',').append(n(points.get(i + 1))).append(' ');
        }
        return text.toString().strip();
    }

    @Override
    public void rectangle(double x, double y, double width, double height, Ink fill) {
        svg.append("<rect x='" + n(x) + "' y='" + n(y) + "' width='" + n(width) + "' height='")
                .append(n(height) + "' fill='" + fill.css() + "'/>");
    }

    @Override
    public void line(List<Double> points, Ink ink, double width, boolean dashed) {
        svg.append("<polyline points='" + pairs(points) + "' fill='none' stroke='" + ink.css())
                .append("' stroke-width='" + n(width) + "' stroke-linejoin='round'")
                .append(dashed ? " stroke-dasharray='3 3'/>" : "/>");
    }

    @Override
    public void shape(List<Double> points, Ink fill) {
        svg.append("<polygon points='" + pairs(points) + "' fill='" + fill.css() + "'/>");
    }

    @Override
    public void circle(double x, double y, double radius, Ink fill, Ink line, double width) {
        svg.append("<circle cx='" + n(x) + "' cy='" + n(y) + "' r='" + n(radius) + "' fill='")
                .append(fill.css() + "' stroke='" + line.css() + "' stroke-width='" + n(width))
                .append("'/>");
    }

    @Override
    public void text(
            double x, double y, double size, boolean bold, Ink ink, Anchor anchor, String text) {
        svg.append("<text x='" + n(x) + "' y='" + n(y) + "' font-size='" + n(size) + "' fill='")
                .append(ink.css() + "' text-anchor='" + anchor.name().toLowerCase(Locale.ROOT))
                .append(bold ? "' font-weight='bold'>" : "'>")
                .append(Markup.escape(text) + "</text>");
    }

    @Override
    public void paths(
            double x, double y, double size, List<String> paths, Ink fill, Ink line, double width) {
        group(x, y, size, paths, fill.css(), line, width);
    }

    @Override
    public void strokes(
            double x, double y, double size, List<String> paths, Ink line, double width) {
        group(x, y, size, paths, "none", line, width);
    }

    private void group(
            double x,
            double y,
            double size,
            List<String> paths,
            String fill,
            Ink line,
            double width) {
        svg.append("<g transform='translate(" + n(x) + " " + n(y) + ") scale(" + n(size / 100))
                .append(")' fill='" + fill + "' stroke='" + line.css() + "' stroke-width='")
                .append(n(width) + "' stroke-linejoin='round' stroke-linecap='round'>");
        paths.forEach(p -> svg.append("<path d='" + p + "'/>"));
        svg.append("</g>");
    }

    /** What was drawn, to be put into a picture. */
    public String elements() {
        return svg.toString();
    }

    /** What was drawn, as a picture of this size. */
    public String svg(double width, double height, String description) {
        return "<svg xmlns='http://www.w3.org/2000/svg' role='img' aria-label='"
                + Markup.escape(description)
                + "' width='"
                + n(width)
                + "' height='"
                + n(height)
                + "' viewBox='0 0 "
                + n(width)
                + " "
                + n(height)
                + "'>"
                + svg
                + "</svg>";
    }
}
