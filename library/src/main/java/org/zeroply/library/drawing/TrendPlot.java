package org.zeroply.library.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.coach.review.profile.MeanLoss;
import org.zeroply.coach.review.profile.Profile;

/** Mean loss game by game, the trend through it and the band in which the trend may lie. */
public final class TrendPlot implements Plot {

    private final List<Double> course;
    private final List<MeanLoss> trend;

    public TrendPlot(Profile profile) {
        course = profile.course();
        trend = profile.trend();
    }

    /** The largest loss shown: the next number above all points that four steps divide. */
    public double top() {
        double most = course.stream().mapToDouble(d -> d).max().orElse(0);
        most = Math.max(most, trend.stream().mapToDouble(MeanLoss::high).max().orElse(0));
        return Math.max(4, 4 * Math.ceil(most / 4));
    }

    @Override
    public void draw(Pen pen, double x, double y, double width, double height) {
        double top = top();
        for (int i = 0; i <= 4; i++) {
            double value = top * i / 4;
            double at = y + height * (1 - value / top);
            pen.line(List.of(x, at, x + width, at), Ink.RULE, 0.5, false);
            pen.text(
                    x - 4,
                    at + 2.5,
                    7.5,
                    false,
                    Ink.FADED,
                    Pen.Anchor.END,
                    String.format(Locale.ROOT, "%.0f", value));
        }
        List<Double> band = new ArrayList<>();
        List<Double> middle = new ArrayList<>();
        for (int i = 0; i < trend.size(); i++) {
            band.add(at(x, width, i));
            band.add(y + height * (1 - trend.get(i).high() / top));
            middle.add(at(x, width, i));
            middle.add(y + height * (1 - trend.get(i).mean() / top));
        }
        for (int i = trend.size() - 1; i >= 0; i--) {
            band.add(at(x, width, i));
            band.add(y + height * (1 - trend.get(i).low() / top));
        }
        if (!trend.isEmpty()) {
            pen.shape(band, Ink.SHADE);
            pen.line(middle, Ink.COACH, 1.6, false);
        }
        for (int i = 0; i < course.size(); i++) {
            double at = y + height * (1 - course.get(i) / top);
            pen.circle(at(x, width, i), at, 2.2, Ink.PAPER, Ink.INK, 0.9);
        }
    }

    private double at(double x, double width, int game) {
        return x + width * (game + 0.5) / Math.max(1, course.size());
    }
}
