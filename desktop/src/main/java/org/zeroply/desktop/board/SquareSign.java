package org.zeroply.desktop.board;

import java.util.Optional;
import javafx.scene.canvas.Canvas;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Square;

/** A light square of the board with a man or a sign on it, for buttons that put them there. */
public final class SquareSign extends Canvas {

    private final BoardPainter painter;

    /**
     * @param size length of a side in pixels
     */
    public SquareSign(double size, Palette palette) {
        super(size, size);
        BoardGeometry geometry = new BoardGeometry(8 * size + 2, 8 * size + 2, false, true);
        getGraphicsContext2D().translate(-geometry.x(Square.H1), -geometry.y(Square.H1));
        painter = new BoardPainter(getGraphicsContext2D(), geometry, palette);
        painter.square(Square.H1);
        setMouseTransparent(true);
    }

    /** Shows a man. */
    public void show(Piece man) {
        painter.man(Optional.of(man), Square.H1);
    }

    /** Shows a sign. */
    public void show(String sign) {
        painter.sign(sign, Square.H1);
    }
}
