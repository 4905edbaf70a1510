package org.zeroply.library.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;

/**
 * The course of a game: White's expected score with the moments on it, the steps of the material
 * underneath, and, where the game has clocks, the time each move took.
 */
public final class CoursePlot {

    private static final double MOST_POINTS = 900;
    private static final double SMALL = 7.5;

    /** Height of the line that names the phases. */
    private static final double HEAD = 11;

    private final List<MoveReview> moves;
    private final List<Moment> moments;
    private final boolean clocked;

    /**
     * @param moments those to be marked, numbered from 1
     */
    public CoursePlot(GameReview review, List<Moment> moments) {
        moves = review.moves();
        clocked = moves.stream().anyMatch(m -> m.spent().isPresent());
        this.moments = List.copyOf(moments);
    }

    /** Where a ply lies between the left edge and the right one, 0 to 1. */
    public double part(int ply) {
        return ply / (double) lastPly();
    }

    /** The reviewed ply that lies nearest to a part of the width. */
    public int plyAt(double part) {
        return Math.max(0, Math.min(lastPly(), (int) Math.round(part * lastPly())));
    }

    private int lastPly() {
        return moves.isEmpty() ? 1 : moves.get(moves.size() - 1).ply();
    }

    /** White's expected score after a ply, 0 to 1, where it was reviewed. */
    public Optional<Double> expected(int ply) {
        return moves.stream().filter(m -> m.ply() == ply).findFirst().map(CoursePlot::forWhite);
    }

    private static double forWhite(MoveReview m) {
        return m.after(Side.WHITE).value();
    }

    /** Part of the height that the course takes; the rest lies underneath. */
    public double upper() {
        return clocked ? 0.6 : 0.74;
    }

    /** Draws it into a box. */
    public void draw(Pen pen, double x, double y, double width, double height) {
        under(pen, x, y + HEAD, width, height - HEAD);
    }

    /** The plot under the names of the phases. */
    private void under(Pen pen, double x, double y, double width, double height) {
        double upper = height * upper();
        scale(pen, x, y, width, upper);
        phases(pen, x, y, width, upper);
        List<Double> course = new ArrayList<>();
        for (MoveReview m : moves) {
            course.add(x + width * part(m.ply()));
            course.add(y + upper * (1 - forWhite(m)));
        }
        double lower = height * 0.2;
        steps(pen, x, y + upper + height * 0.05, width, lower);
        if (clocked) {
            clocks(pen, x, y + height * 0.86, width, height * 0.14);
        }
        if (course.size() > 2) {
            pen.line(course, Ink.COACH, 1.5, false);
        }
        for (int i = 0; i < moments.size(); i++) {
            mark(pen, x, y, width, upper, i);
        }
    }

    private static void scale(Pen pen, double x, double y, double width, double upper) {
        for (double part : new double[] {0, 0.25, 0.5, 0.75, 1}) {
            double at = y + upper * (1 - part);
            pen.line(List.of(x, at, x + width, at), Ink.RULE, part == 0.5 ? 1 : 0.5, part != 0.5);
        }
        pen.text(x - 4, y + 6, SMALL, false, Ink.FADED, Pen.Anchor.END, "100");
        pen.text(x - 4, y + upper / 2 + 3, SMALL, false, Ink.FADED, Pen.Anchor.END, "50");
        pen.text(x - 4, y + upper, SMALL, false, Ink.FADED, Pen.Anchor.END, "0");
    }

    /** A dotted line where the middlegame begins, and the ending. */
    private void phases(Pen pen, double x, double y, double width, double upper) {
        Phase phase = Phase.OPENING;
        for (MoveReview m : moves) {
            if (m.phase().compareTo(phase) > 0) {
                phase = m.phase();
                double at = x + width * part(m.ply() - 1);
                pen.line(List.of(at, y - HEAD, at, y + upper), Ink.RULE, 0.8, true);
                pen.text(at + 3, y - 3, SMALL, false, Ink.FADED, Pen.Anchor.START, phase.word());
            }
        }
    }

    /** The material, White's lead upwards. */
    private void steps(Pen pen, double x, double y, double width, double height) {
        double middle = y + height / 2;
        pen.line(List.of(x, middle, x + width, middle), Ink.RULE, 0.5, false);
        List<Double> steps = new ArrayList<>();
        double before = middle;
        for (MoveReview m : moves) {
            double at = x + width * part(m.ply());
            double step = Math.cbrt(m.balance() / MOST_POINTS);
            double to = middle - Math.max(-1, Math.min(1, step)) * height / 2;
            steps.addAll(List.of(at, before, at, to));
            before = to;
        }
        if (steps.size() > 4) {
            pen.line(steps, Ink.INK, 0.9, false);
        }
    }

    /** A bar for the time of each move, White's upwards, Black's downwards. */
    private void clocks(Pen pen, double x, double y, double width, double height) {
        int most = moves.stream().mapToInt(m -> m.spent().orElse(0)).max().orElse(1);
        double middle = y + height / 2;
        double bar = Math.max(1, 0.7 * width / (lastPly() + 1));
        pen.line(List.of(x, middle, x + width, middle), Ink.RULE, 0.5, false);
        for (MoveReview m : moves) {
            double high = height / 2 * m.spent().orElse(0) / Math.max(1, most);
            double top = m.side() == Side.WHITE ? middle - high : middle;
            Ink ink = m.isInTimeTrouble() ? Ink.ALARM : Ink.FADED;
            pen.rectangle(x + width * part(m.ply()) - bar, top, bar, high, ink);
        }
    }

    private void mark(Pen pen, double x, double y, double width, double upper, int number) {
        Moment moment = moments.get(number);
        double at = x + width * part(moment.move().ply());
        double height = y + upper * (1 - forWhite(moment.move()));
        boolean error = moment.kind().isError();
        pen.circle(at, height, 6.5, Ink.PAPER, error ? Ink.ALARM : Ink.PROOF, error ? 1.6 : 1);
        String text = String.valueOf(number + 1);
        pen.text(at, height + 3, 8.5, true, Ink.INK, Pen.Anchor.MIDDLE, text);
    }
}
