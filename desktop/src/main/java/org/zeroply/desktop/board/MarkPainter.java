package org.zeroply.desktop.board;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import org.zeroply.chess.tree.Mark;

/** Draws marks by their meaning: the line style says it, the colour only helps. */
final class MarkPainter {

    /** Where a square is: its upper left corner in pixels. */
    interface Corner {
        double x(int square);

        double y(int square);
    }

    private final GraphicsContext g;
    private final Corner corner;
    private final double size;
    private final Palette palette;

    MarkPainter(GraphicsContext g, Corner corner, double size, Palette palette) {
        this.g = g;
        this.corner = corner;
        this.size = size;
        this.palette = palette;
    }

    void draw(Mark mark) {
        g.save();
        g.setLineCap(StrokeLineCap.BUTT);
        switch (mark.meaning()) {
            case IDEA -> arrow(mark.squares(), palette.inks().coach());
            case THREAT -> {
                g.setLineDashes(size * 0.16, size * 0.10);
                arrow(mark.squares(), palette.inks().alarm());
            }
            case ROUTE -> {
                g.setLineCap(StrokeLineCap.ROUND);
                g.setLineDashes(0.1, size * 0.15);
                arrow(mark.squares(), palette.inks().pencil());
            }
            case TARGET -> ring(mark.squares().get(0));
            case WEAK -> corner(mark.squares().get(0));
            case KEY -> dot(mark.squares().get(0));
        }
        g.restore();
    }

    private double centreX(int square) {
        return corner.x(square) + size / 2;
    }

    private double centreY(int square) {
        return corner.y(square) + size / 2;
    }

    private void arrow(List<Integer> squares, Color color) {
        g.setStroke(color.deriveColor(0, 1, 1, 0.85));
        g.setFill(color.deriveColor(0, 1, 1, 0.9));
        g.setLineWidth(size * 0.085);
        for (int i = 0; i + 1 < squares.size(); i++) {
            boolean last = i + 2 == squares.size();
            leg(squares.get(i), squares.get(i + 1), last);
        }
    }

    private void leg(int from, int to, boolean head) {
        double dx = centreX(to) - centreX(from);
        double dy = centreY(to) - centreY(from);
        double length = Math.hypot(dx, dy);
        double ux = dx / length;
        double uy = dy / length;
        double start = size * 0.22;
        double end = length - (head ? size * 0.34 : 0);
        g.strokeLine(
                centreX(from) + ux * start,
                centreY(from) + uy * start,
                centreX(from) + ux * end,
                centreY(from) + uy * end);
        if (head) {
            double tipX = centreX(to) - ux * size * 0.08;
            double tipY = centreY(to) - uy * size * 0.08;
            double baseX = centreX(from) + ux * (end - size * 0.02);
            double baseY = centreY(from) + uy * (end - size * 0.02);
            double w = size * 0.15;
            g.fillPolygon(
                    new double[] {tipX, baseX - uy * w, baseX + uy * w},
                    new double[] {tipY, baseY + ux * w, baseY - ux * w},
                    3);
        }
    }

    private void ring(int square) {
        g.setStroke(palette.inks().alarm());
        g.setLineWidth(size * 0.06);
        double inset = size * 0.08;
        double d = size - 2 * inset;
        g.strokeOval(corner.x(square) + inset, corner.y(square) + inset, d, d);
    }

    private void corner(int square) {
        double x = corner.x(square);
        double y = corner.y(square);
        double reach = size * 0.42;
        g.setStroke(palette.inks().alarm());
        g.setLineWidth(Math.max(1, size * 0.035));
        for (double d = size * 0.08; d <= reach; d += size * 0.085) {
            g.strokeLine(x, y + d, x + d, y);
        }
    }

    private void dot(int square) {
        g.setFill(palette.inks().proof());
        double r = size * 0.11;
        g.fillOval(corner.x(square) + size - 3 * r, corner.y(square) + r, 2 * r, 2 * r);
    }
}
