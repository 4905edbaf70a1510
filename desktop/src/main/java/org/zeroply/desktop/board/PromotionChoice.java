package org.zeroply.desktop.board;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.desktop.texts.Texts;

/**
 * The four men a pawn can become, on a strip of paper beside the square it has reached.
 *
 * @param from where the pawn stands
 * @param to where it goes
 */
record PromotionChoice(Side side, int from, int to) {

    /** In the order in which they are wanted. */
    static final List<PieceType> MEN =
            List.of(PieceType.QUEEN, PieceType.ROOK, PieceType.BISHOP, PieceType.KNIGHT);

    /** The upper left corner of the strip: on the next rank, as near to the file as fits. */
    private double left(BoardGeometry geometry) {
        double size = geometry.size();
        double middle = geometry.x(to) + size / 2;
        double most = geometry.margin() + 8 * size - MEN.size() * size;
        return Math.max(geometry.margin(), Math.min(most, middle - MEN.size() * size / 2));
    }

    private double top(BoardGeometry geometry) {
        boolean upper = geometry.y(to) < 4 * geometry.size();
        return geometry.y(to) + (upper ? geometry.size() : -geometry.size());
    }

    /** The man under a point in pixels. */
    Optional<PieceType> at(BoardGeometry geometry, double x, double y) {
        double size = geometry.size();
        int place = (int) Math.floor((x - left(geometry)) / size);
        boolean on = y >= top(geometry) && y < top(geometry) + size;
        return on && place >= 0 && place < MEN.size()
                ? Optional.of(MEN.get(place))
                : Optional.empty();
    }

    /** The middle of a man on the strip, in pixels: x and y. */
    double[] middleOf(BoardGeometry geometry, PieceType man) {
        double half = geometry.size() / 2;
        return new double[] {
            left(geometry) + MEN.indexOf(man) * geometry.size() + half, top(geometry) + half
        };
    }

    void draw(GraphicsContext g, BoardGeometry geometry, Palette palette) {
        double size = geometry.size();
        double x = left(geometry);
        double y = top(geometry);
        g.setFill(palette.paper().sheet());
        g.fillRect(x, y, MEN.size() * size, size);
        g.setStroke(BoardPainter.MARKS.inks().coach());
        g.setLineWidth(2);
        g.strokeRect(x, y, MEN.size() * size, size);
        for (int i = 0; i < MEN.size(); i++) {
            Piece man = new Piece(side, MEN.get(i));
            PieceShapes.draw(g, man, x + i * size, y, size, palette);
        }
        BoardPainter painter = new BoardPainter(g, geometry, palette);
        painter.frame(to);
        painter.man(Optional.of(new Piece(side, PieceType.PAWN)), to);
    }

    /** In words, for screen readers and the status row. */
    String words() {
        return Texts.of("board.promote-on-queen-rook-bishop", Square.name(to));
    }
}
