package org.zeroply.desktop.board;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import org.zeroply.chess.board.Position;

/** A small printed diagram, for lists: no coordinates, and nothing can be moved. */
public final class SmallBoard extends Canvas {

    private final Position position;
    private Palette palette;

    /**
     * @param size length of a side in pixels
     */
    public SmallBoard(Position position, double size, Palette palette) {
        super(size, size);
        this.position = position;
        this.palette = palette;
        setMouseTransparent(true);
        draw();
    }

    /** Chooses the colours. */
    public void setPalette(Palette value) {
        palette = value;
        draw();
    }

    /** Gives it another length of a side, in pixels. */
    public void setSide(double size) {
        if (size != getWidth()) {
            setWidth(size);
            setHeight(size);
            draw();
        }
    }

    private void draw() {
        GraphicsContext g = getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        BoardGeometry geometry = new BoardGeometry(getWidth(), getHeight(), false, true);
        BoardPainter painter = new BoardPainter(g, geometry, palette);
        painter.squares();
        for (int square = 0; square < 64; square++) {
            painter.man(position.pieceAt(square), square);
        }
    }
}
