package org.zeroply.library.drawing;

import java.util.List;
import java.util.Locale;
import org.zeroply.coach.training.planning.ThemeStrength;
import org.zeroply.coach.training.rating.Rating;

/** The strength in each theme with its uncertainty, beside the strength as a whole. */
public final class ThemePlot implements Plot {

    private static final double NAMES = 120;
    private static final double STEP = 200;
    private static final int MOST = 7;

    /** Half the width of the range that holds a strength in 19 of 20 cases, in deviations. */
    private static final double WIDE = 1.96;

    private final Rating whole;
    private final List<ThemeStrength> themes;

    /**
     * @param themes the weakest first; more than {@value #MOST} are cut off
     */
    public ThemePlot(Rating whole, List<ThemeStrength> themes) {
        this.whole = whole;
        this.themes = themes.subList(0, Math.min(MOST, themes.size()));
    }

    @Override
    public void draw(Pen pen, double x, double y, double width, double height) {
        double left = x + NAMES - 30;
        double room = width - NAMES + 30;
        double from = STEP * Math.floor((whole.value() - 500) / STEP);
        double to = STEP * Math.ceil((whole.value() + 500) / STEP);
        for (double rating = from; rating <= to; rating += STEP) {
            double at = left + room * (rating - from) / (to - from);
            pen.line(List.of(at, y, at, y + height), Ink.RULE, 0.5, false);
            String figure = String.format(Locale.ROOT, "%.0f", rating);
            pen.text(at, y + height + 15, 9, false, Ink.FADED, Pen.Anchor.MIDDLE, figure);
        }
        double mean = left + room * (whole.value() - from) / (to - from);
        pen.line(List.of(mean, y, mean, y + height), Ink.COACH, 1.4, true);
        double row = height / Math.max(1, themes.size());
        for (int i = 0; i < themes.size(); i++) {
            Rating r = themes.get(i).rating();
            double at = y + row * (i + 0.5);
            double low = clamp(r.value() - WIDE * r.deviation(), from, to);
            double high = clamp(r.value() + WIDE * r.deviation(), from, to);
            double x1 = left + room * (low - from) / (to - from);
            double x2 = left + room * (high - from) / (to - from);
            pen.text(left - 8, at + 3, 10, false, Ink.INK, Pen.Anchor.END, themes.get(i).theme());
            pen.line(List.of(x1, at, x2, at), Ink.INK, 1, false);
            pen.line(List.of(x1, at - 3, x1, at + 3), Ink.INK, 1, false);
            pen.line(List.of(x2, at - 3, x2, at + 3), Ink.INK, 1, false);
            double middle = left + room * (clamp(r.value(), from, to) - from) / (to - from);
            pen.circle(middle, at, 3.4, Ink.PAPER, Ink.INK, 1.2);
        }
    }

    private static double clamp(double value, double from, double to) {
        return Math.max(from, Math.min(to, value));
    }
}
