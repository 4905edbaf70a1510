package org.zeroply.desktop.sheet;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.texts.Texts;

/** A thin strip that steps up and down with the material after each ply, White's lead upwards. */
public final class BalanceStrip extends Canvas {

    private static final double MOST = 900;

    /**
     * @param hundredths White's lead after each ply, in hundredths of a point
     * @param start lead before the first of them
     * @param step width of a ply in pixels
     */
    public BalanceStrip(
            List<Integer> hundredths, int start, double step, double height, Palette palette) {
        super(Math.max(1, hundredths.size() * step), height);
        getStyleClass().add("balance-strip");
        GraphicsContext g = getGraphicsContext2D();
        double middle = Math.floor(height / 2) + 0.5;
        g.setStroke(palette.paper().rule());
        g.setLineWidth(1);
        g.strokeLine(0, middle, getWidth(), middle);
        g.setStroke(palette.inks().coach());
        g.setLineWidth(1.6);
        double before = y(start, height);
        for (int i = 0; i < hundredths.size(); i++) {
            double now = y(hundredths.get(i), height);
            double x = i * step + step * 0.25;
            g.strokeLine(i * step, before, x, before);
            if (now != before) {
                g.strokeLine(x, before, x, now);
            }
            g.strokeLine(x, now, (i + 1) * step, now);
            before = now;
        }
        setAccessibleText(
                Texts.of(
                        "sheet.balance-after-each-move",
                        String.join(
                                " ", hundredths.stream().map(MaterialBalance::print).toList())));
    }

    private static double y(int hundredths, double height) {
        double part = Math.max(-1, Math.min(1, Math.cbrt(hundredths / MOST)));
        return height / 2 - part * (height / 2 - 1.5);
    }
}
