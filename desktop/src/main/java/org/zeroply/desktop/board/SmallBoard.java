package org.zeroply.desktop.board;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;

/** A small printed diagram, for lists: no coordinates, and nothing can be moved. */
public final class SmallBoard extends Canvas {

    private final Position position;
    private final Side seenFrom;
    private Palette palette;

    /**
     * @param size length of a side in pixels
     */
    public SmallBoard(Position position, double size, Palette palette) {
        this(position, size, palette, Side.WHITE);
    }

    /**
     * @param size length of a side in pixels
     * @param seenFrom whose men stand below
     */
    public SmallBoard(Position position, double size, Palette palette, Side seenFrom) {
        super(size, size);
        this.position = position;
        this.palette = palette;
        this.seenFrom = seenFrom;
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

    /** Whose men stand below. */
    public Side seenFrom() {
        return seenFrom;
    }

    private void draw() {
        GraphicsContext g = getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        BoardGeometry geometry =
                new BoardGeometry(getWidth(), getHeight(), seenFrom == Side.BLACK, true);
        BoardPainter painter = new BoardPainter(g, geometry, palette);
        painter.squares();
        for (int square = 0; square < 64; square++) {
            painter.man(position.pieceAt(square), square);
        }
    }
}
