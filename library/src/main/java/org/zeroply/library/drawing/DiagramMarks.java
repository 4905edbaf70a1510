package org.zeroply.library.drawing;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.tree.Mark;

/** Marks on a printed diagram: as on the screen the style of the line says what is meant. */
final class DiagramMarks {

    /** Where the squares of a diagram are, in the units of the pen. */
    interface Squares {
        /** Left edge of a square. */
        double x(int square);

        /** Upper edge of a square. */
        double y(int square);
    }

    /** Corners of what is drawn for a ring. */
    private static final int RING = 48;

    private final Pen pen;
    private final Squares squares;
    private final double size;

    /**
     * @param size side of a square
     */
    DiagramMarks(Pen pen, Squares squares, double size) {
        this.pen = pen;
        this.squares = squares;
        this.size = size;
    }

    void draw(Mark mark) {
        int first = mark.squares().get(0);
        switch (mark.meaning()) {
            case IDEA -> arrow(mark.squares(), Ink.COACH, false);
            case THREAT -> arrow(mark.squares(), Ink.ALARM, true);
            case ROUTE -> route(mark.squares());
            case TARGET -> ring(first);
            case WEAK -> corner(first);
            case KEY ->
                    pen.circle(
                            squares.x(first) + 0.78 * size,
                            squares.y(first) + 0.22 * size,
                            0.11 * size,
                            Ink.PROOF,
                            Ink.PROOF,
                            0.5);
        }
    }

    private double middleX(int square) {
        return squares.x(square) + size / 2;
    }

    private double middleY(int square) {
        return squares.y(square) + size / 2;
    }

    private void arrow(List<Integer> path, Ink ink, boolean dashed) {
        int from = path.get(0);
        int to = path.get(path.size() - 1);
        double[] base = base(from, to);
        double[] start = towards(from, to, 0.22 * size);
        pen.line(List.of(start[0], start[1], base[0], base[1]), ink, 0.085 * size, dashed);
        head(from, to, ink);
    }

    /** A point on the way from one square to another, this far from the middle of the first. */
    private double[] towards(int from, int to, double way) {
        double dx = middleX(to) - middleX(from);
        double dy = middleY(to) - middleY(from);
        double length = Math.hypot(dx, dy);
        return new double[] {middleX(from) + dx / length * way, middleY(from) + dy / length * way};
    }

    private double length(int from, int to) {
        return Math.hypot(middleX(to) - middleX(from), middleY(to) - middleY(from));
    }

    private double[] base(int from, int to) {
        return towards(from, to, length(from, to) - 0.34 * size);
    }

    private void head(int from, int to, Ink ink) {
        double length = length(from, to);
        double ux = (middleX(to) - middleX(from)) / length;
        double uy = (middleY(to) - middleY(from)) / length;
        double[] tip = towards(from, to, length - 0.08 * size);
        double[] base = base(from, to);
        double w = 0.15 * size;
        pen.shape(
                List.of(
                        tip[0],
                        tip[1],
                        base[0] - uy * w,
                        base[1] + ux * w,
                        base[0] + uy * w,
                        base[1] - ux * w),
                ink);
    }

    /** A row of dots through the squares. */
    private void route(List<Integer> path) {
        for (int i = 0; i + 1 < path.size(); i++) {
            int from = path.get(i);
            int to = path.get(i + 1);
            boolean last = i + 2 == path.size();
            double end = length(from, to) - (last ? 0.34 * size : 0);
            for (double way = 0.2 * size; way < end; way += 0.15 * size) {
                double[] at = towards(from, to, way);
                pen.circle(at[0], at[1], 0.045 * size, Ink.INK, Ink.INK, 0.2);
            }
        }
        head(path.get(path.size() - 2), path.get(path.size() - 1), Ink.INK);
    }

    private void ring(int square) {
        List<Double> points = new ArrayList<>();
        for (int i = 0; i <= RING; i++) {
            double angle = 2 * Math.PI * i / RING;
            points.add(middleX(square) + 0.42 * size * Math.cos(angle));
            points.add(middleY(square) + 0.42 * size * Math.sin(angle));
        }
        pen.line(points, Ink.ALARM, 0.06 * size, false);
    }

    private void corner(int square) {
        double x = squares.x(square);
        double y = squares.y(square);
        for (double d = 0.08 * size; d <= 0.42 * size; d += 0.085 * size) {
            pen.line(List.of(x, y + d, x + d, y), Ink.ALARM, Math.max(0.6, 0.035 * size), false);
        }
    }
}
