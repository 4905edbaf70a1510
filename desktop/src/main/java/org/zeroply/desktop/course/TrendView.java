package org.zeroply.desktop.course;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import org.zeroply.coach.profile.Profile;
import org.zeroply.desktop.board.Palette;
import org.zeroply.library.print.TrendPlot;

/** A player's loss game by game with the trend and its band. */
public final class TrendView extends Region {

    private static final double GUTTER = 30;

    private final Canvas canvas = new Canvas();
    private final TrendPlot plot;
    private final Palette palette;

    /** The picture of a profile in the colours of a light. */
    public TrendView(Profile profile, Palette palette) {
        plot = new TrendPlot(profile);
        this.palette = palette;
        setId("trend");
        setMinHeight(170);
        setPrefHeight(170);
        setAccessibleText("Loss over time: " + profile.change());
        getChildren().add(canvas);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        var g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        plot.draw(new FxPen(g, palette), GUTTER, 8, getWidth() - GUTTER - 8, getHeight() - 20);
    }
}
