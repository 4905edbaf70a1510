package org.zeroply.desktop.course;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import org.zeroply.desktop.board.Palette;
import org.zeroply.library.drawing.Plot;

/** A picture of figures in the window. */
public final class PlotView extends Region {

    private static final double GUTTER = 34;
    private static final double FOOT = 26;

    private final Canvas canvas = new Canvas();
    private final Plot plot;
    private final Palette palette;

    /**
     * @param palette the colours of a light
     * @param says what it shows, in words
     */
    public PlotView(String id, Plot plot, Palette palette, String says) {
        this.plot = plot;
        this.palette = palette;
        setId(id);
        setMinHeight(170);
        setPrefHeight(170);
        setAccessibleText(says);
        getChildren().add(canvas);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        var g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        plot.draw(
                new FxPen(g, palette), GUTTER, 8, getWidth() - GUTTER - 22, getHeight() - 8 - FOOT);
    }
}
