package org.zeroply.desktop.course;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import org.zeroply.desktop.board.Palette;
import org.zeroply.library.drawing.Ink;
import org.zeroply.library.drawing.Pen;

/** Draws on a canvas what is drawn on printed pages, in the colours of the present light. */
final class FxPen implements Pen {

    /** Print is small; nothing in the window is below 12 pixels. */
    private static final double SMALLEST = 12;

    private final GraphicsContext g;
    private final Palette palette;

    FxPen(GraphicsContext g, Palette palette) {
        this.g = g;
        this.palette = palette;
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
    }

    private Color colour(Ink ink) {
        return switch (ink) {
            case INK -> palette.inks().ink();
            case FADED -> palette.inks().faded();
            case RULE -> palette.paper().rule();
            case SHADE -> palette.inks().coach().deriveColor(0, 1, 1, 0.16);
            case PAPER -> palette.paper().sheet();
            case COACH -> palette.inks().coach();
            case ALARM -> palette.inks().alarm();
            case PROOF -> palette.inks().proof();
        };
    }

    @Override
    public void rectangle(double x, double y, double width, double height, Ink fill) {
        g.setFill(colour(fill));
        g.fillRect(x, y, width, height);
    }

    private void trace(List<Double> points) {
        g.beginPath();
        for (int i = 0; i + 1 < points.size(); i += 2) {
            if (i == 0) {
                g.moveTo(points.get(0), points.get(1));
            } else {
                g.lineTo(points.get(i), points.get(i + 1));
            }
        }
    }

    @Override
    public void line(List<Double> points, Ink ink, double width, boolean dashed) {
        g.setStroke(colour(ink));
        g.setLineWidth(width);
        g.setLineDashes(dashed ? new double[] {3, 4} : new double[0]);
        trace(points);
        g.stroke();
        g.setLineDashes();
    }

    @Override
    public void shape(List<Double> points, Ink fill) {
        g.setFill(colour(fill));
        trace(points);
        g.closePath();
        g.fill();
    }

    @Override
    public void circle(double x, double y, double radius, Ink fill, Ink line, double width) {
        g.setFill(colour(fill));
        g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
        g.setStroke(colour(line));
        g.setLineWidth(width);
        g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    @Override
    public void text(
            double x, double y, double size, boolean bold, Ink ink, Anchor anchor, String text) {
        g.setFill(colour(ink));
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(
                switch (anchor) {
                    case START -> TextAlignment.LEFT;
                    case MIDDLE -> TextAlignment.CENTER;
                    case END -> TextAlignment.RIGHT;
                });
        FontWeight weight = bold ? FontWeight.BOLD : FontWeight.NORMAL;
        g.setFont(Font.font("Cabin", weight, Math.max(SMALLEST, size)));
        g.fillText(text, x, y + (size < SMALLEST ? 1 : 0));
    }

    @Override
    public void paths(
            double x, double y, double size, List<String> paths, Ink fill, Ink line, double width) {
        box(x, y, size, line, width);
        g.setFill(colour(fill));
        for (String path : paths) {
            g.beginPath();
            g.appendSVGPath(path);
            g.fill();
            g.stroke();
        }
        g.restore();
    }

    @Override
    public void strokes(
            double x, double y, double size, List<String> paths, Ink line, double width) {
        box(x, y, size, line, width);
        for (String path : paths) {
            g.beginPath();
            g.appendSVGPath(path);
            g.stroke();
        }
        g.restore();
    }

    private void box(double x, double y, double size, Ink line, double width) {
        g.save();
        g.translate(x, y);
        g.scale(size / 100, size / 100);
        g.setStroke(colour(line));
        g.setLineWidth(width);
    }
}
