package org.zeroply.library.print;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;

/** The course of a game on paper: White's expected score, the moments, material underneath. */
public final class CoursePlot {

    private static final double MOST_POINTS = 900;

    private final List<Double> expected = new ArrayList<>();
    private final List<Double> material = new ArrayList<>();
    private final List<Integer> plies = new ArrayList<>();
    private final List<Moment> moments;

    /**
     * @param moments those to be marked, numbered from 1
     */
    public CoursePlot(GameReview review, List<Moment> moments) {
        for (MoveReview m : review.moves()) {
            expected.add(m.side() == Side.WHITE ? m.after() : 1 - m.after());
            material.add((double) m.balance());
            plies.add(m.ply());
        }
        this.moments = List.copyOf(moments);
    }

    /** Draws it into a box. */
    public void draw(Pen pen, double x, double y, double width, double height) {
        double upper = height * 0.7;
        double lower = height * 0.2;
        double last = plies.isEmpty() ? 1 : plies.get(plies.size() - 1);
        for (double part : new double[] {0, 0.25, 0.5, 0.75, 1}) {
            double at = y + upper * (1 - part);
            pen.line(List.of(x, at, x + width, at), Ink.RULE, part == 0.5 ? 1 : 0.4, part != 0.5);
        }
        pen.text(x - 4, y + 6, 7, false, Ink.FADED, Pen.Anchor.END, "100");
        pen.text(x - 4, y + upper / 2 + 2, 7, false, Ink.FADED, Pen.Anchor.END, "50");
        pen.text(x - 4, y + upper, 7, false, Ink.FADED, Pen.Anchor.END, "0");
        List<Double> course = new ArrayList<>();
        List<Double> steps = new ArrayList<>();
        double middle = y + height - lower / 2;
        double before = middle;
        for (int i = 0; i < plies.size(); i++) {
            double at = x + width * plies.get(i) / last;
            course.add(at);
            course.add(y + upper * (1 - expected.get(i)));
            double step = Math.cbrt(material.get(i) / MOST_POINTS);
            double to = middle - Math.max(-1, Math.min(1, step)) * lower / 2;
            steps.addAll(List.of(at, before, at, to));
            before = to;
        }
        pen.line(List.of(x, middle, x + width, middle), Ink.RULE, 0.4, false);
        if (course.size() > 2) {
            pen.line(course, Ink.COACH, 1.4, false);
            pen.line(steps, Ink.INK, 0.9, false);
        }
        for (int i = 0; i < moments.size(); i++) {
            mark(pen, x, y, width, upper, last, i);
        }
    }

    private void mark(
            Pen pen, double x, double y, double width, double upper, double last, int number) {
        int index = plies.indexOf(moments.get(number).move().ply());
        double at = x + width * plies.get(index) / last;
        double height = y + upper * (1 - expected.get(index));
        pen.circle(at, height, 5.5, Ink.PAPER, Ink.ALARM, 1);
        pen.text(
                at,
                height + 2.6,
                7.5,
                true,
                Ink.INK,
                Pen.Anchor.MIDDLE,
                String.valueOf(number + 1));
    }
}
