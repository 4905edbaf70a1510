package org.zeroply.library.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.coach.training.rating.Glicko;
import org.zeroply.coach.training.rating.Rating;

/** What part of the points everybody earned on an exercise, by strength, and what is expected. */
public final class ScorePlot implements Plot {

    private static final int STEPS = 40;
    private static final double ROUND = 200;

    private final Rating exercise;
    private final List<Point> points;

    /**
     * Somebody who solved it.
     *
     * @param rating strength
     * @param share part of the points, 0 to 1
     */
    public record Point(String name, double rating, double share) {}

    public ScorePlot(Rating exercise, List<Point> points) {
        this.exercise = exercise;
        this.points = List.copyOf(points);
    }

    private double lowest() {
        double least = points.stream().mapToDouble(Point::rating).min().orElse(exercise.value());
        return ROUND * Math.floor(Math.min(least - 50, exercise.value() - 300) / ROUND);
    }

    private double highest() {
        double most = points.stream().mapToDouble(Point::rating).max().orElse(exercise.value());
        return ROUND * Math.ceil(Math.max(most + 50, exercise.value() + 300) / ROUND);
    }

    @Override
    public void draw(Pen pen, double x, double y, double width, double height) {
        double from = lowest();
        double to = highest();
        for (int i = 0; i <= 4; i++) {
            double at = y + height * (1 - i / 4.0);
            pen.line(List.of(x, at, x + width, at), Ink.RULE, 0.5, false);
            String figure = String.format(Locale.ROOT, "%d%%", 25 * i);
            pen.text(x - 4, at + 3, 9, false, Ink.FADED, Pen.Anchor.END, figure);
        }
        for (double rating = from; rating <= to; rating += ROUND) {
            double at = x + width * (rating - from) / (to - from);
            String figure = String.valueOf(Math.round(rating));
            pen.text(at, y + height + 17, 9, false, Ink.FADED, Pen.Anchor.MIDDLE, figure);
        }
        List<Double> curve = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double rating = from + (to - from) * i / STEPS;
            curve.add(x + width * i / STEPS);
            curve.add(y + height * (1 - Glicko.expected(Rating.about(rating, 1), exercise)));
        }
        pen.line(curve, Ink.COACH, 1.5, true);
        for (Point p : points) {
            double px = x + width * (p.rating() - from) / (to - from);
            double py = y + height * (1 - p.share());
            pen.circle(px, py, 3.2, Ink.PAPER, Ink.INK, 1.1);
            boolean right = px > x + width * 0.8;
            pen.text(
                    right ? px - 6 : px + 6,
                    Math.max(y + 8, py - 3),
                    9.5,
                    false,
                    Ink.INK,
                    right ? Pen.Anchor.END : Pen.Anchor.START,
                    p.name());
        }
    }
}
