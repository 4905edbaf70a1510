package org.zeroply.desktop.app;

import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import org.zeroply.desktop.board.Palette;

/** The sign of the program: a nought in ink on a page of which one corner is hatched. */
public final class Icon {

    private Icon() {}

    /** The sign in this size, in pixels; on the interface thread only. */
    public static Image of(double size) {
        Canvas canvas = new Canvas(size, size);
        GraphicsContext g = canvas.getGraphicsContext2D();
        Palette colours = Palette.PAPER;
        g.setFill(colours.paper().sheet());
        g.fillRoundRect(0, 0, size, size, size / 5, size / 5);
        g.setStroke(colours.squares().hatch());
        g.setLineWidth(size / 32);
        for (double d = size / 10; d < size / 2; d += size / 10) {
            g.strokeLine(size / 2 + d, size - size / 20, size - size / 20, size / 2 + d);
        }
        g.setStroke(colours.inks().coach());
        g.setLineWidth(size / 9);
        g.strokeOval(size * 0.26, size * 0.16, size * 0.48, size * 0.68);
        g.setLineWidth(size / 24);
        g.strokeRoundRect(1, 1, size - 2, size - 2, size / 5, size / 5);
        SnapshotParameters clear = new SnapshotParameters();
        clear.setFill(Color.TRANSPARENT);
        return canvas.snapshot(clear, null);
    }
}
