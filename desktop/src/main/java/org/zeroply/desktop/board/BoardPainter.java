package org.zeroply.desktop.board;

import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;

/** Draws the board as a printed diagram: squares, coordinates, men, and what is chosen on it. */
final class BoardPainter {

    /** The coordinates' type as a part of their margin: 12 px in the smallest. */
    private static final double TYPE_PART = 0.6;

    /** Squares are of middling tone in either light, so marks keep the inks of paper. */
    static final Palette MARKS = Palette.PAPER;

    private final GraphicsContext g;
    private final BoardGeometry geometry;
    private final Palette palette;
    private final double size;

    BoardPainter(GraphicsContext g, BoardGeometry geometry, Palette palette) {
        this.g = g;
        this.geometry = geometry;
        this.palette = palette;
        size = geometry.size();
    }

    void squares() {
        for (int square = 0; square < 64; square++) {
            square(square);
        }
        if (!geometry.bare()) {
            coordinates();
        }
        g.setStroke(palette.inks().ink());
        g.setLineWidth(1.2);
        g.strokeRect(geometry.margin(), 0.6, 8 * size, 8 * size - 0.6);
    }

    void square(int square) {
        boolean light = Square.isLight(square);
        double x = geometry.x(square);
        double y = geometry.y(square);
        g.setFill(light ? palette.squares().light() : palette.squares().dark());
        g.fillRect(x, y, size, size);
        if (light) {
            return;
        }
        g.setStroke(palette.squares().hatch());
        g.setLineWidth(Math.max(0.7, size / 90));
        double step = size / 9;
        // One path for all lines: where no graphics card draws, each shape costs as much as the
        // area around it.
        g.beginPath();
        for (double d = step; d < 2 * size; d += step) {
            double x1 = Math.max(0, d - size);
            double y1 = Math.min(size, d);
            g.moveTo(x + x1, y + y1);
            g.lineTo(x + y1, y + x1);
        }
        g.stroke();
    }

    private void coordinates() {
        g.setFill(palette.inks().faded());
        double margin = geometry.margin();
        g.setFont(Font.font("B612", TYPE_PART * margin));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < 8; i++) {
            String rank = String.valueOf(geometry.flipped() ? i + 1 : 8 - i);
            String file = String.valueOf((char) ('a' + (geometry.flipped() ? 7 - i : i)));
            g.fillText(rank, margin / 2 - 1, (i + 0.5) * size);
            g.fillText(file, margin + (i + 0.5) * size, 8 * size + margin / 2);
        }
    }

    void man(Optional<Piece> piece, int square) {
        piece.ifPresent(
                p -> PieceShapes.draw(g, p, geometry.x(square), geometry.y(square), size, palette));
    }

    /** A man that is being dragged, its middle at a point in pixels. */
    void dragged(Piece piece, double x, double y) {
        PieceShapes.draw(g, piece, x - size / 2, y - size / 2, size, palette);
    }

    /** Where the dragged man came from: its shadow stays there. */
    void shadow(Piece piece, int square) {
        g.setGlobalAlpha(0.3);
        man(Optional.of(piece), square);
        g.setGlobalAlpha(1);
    }

    /** The squares of the last move are bracketed at their corners. */
    void corners(int square) {
        g.setStroke(MARKS.inks().coach());
        g.setLineWidth(2.4);
        double l = size * 0.2;
        double x = geometry.x(square) + 2;
        double y = geometry.y(square) + 2;
        double far = size - 4;
        g.strokePolyline(new double[] {x, x, x + l}, new double[] {y + l, y, y}, 3);
        g.strokePolyline(
                new double[] {x + far, x + far, x + far - l},
                new double[] {y + far - l, y + far, y + far},
                3);
    }

    void frame(int square) {
        g.setStroke(MARKS.inks().coach());
        g.setLineWidth(2.5);
        g.strokeRect(geometry.x(square) + 2, geometry.y(square) + 2, size - 4, size - 4);
    }

    /** Where the man on a square can go: a small cross each. */
    void targets(Position position, int from) {
        g.setStroke(MARKS.inks().coach());
        g.setLineWidth(Math.max(2, size / 40));
        for (Move move : position.legalMoves()) {
            if (move.from() == from) {
                double x = geometry.x(move.to()) + size / 2;
                double y = geometry.y(move.to()) + size / 2;
                double r = size * 0.09;
                g.strokeLine(x - r, y, x + r, y);
                g.strokeLine(x, y - r, x, y + r);
            }
        }
    }

    /** A sign in the middle of a square, for what a diagram says without a man. */
    void sign(String text, int square) {
        g.setFill(MARKS.inks().ink());
        g.setFont(Font.font("B612", TYPE_PART * size));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, geometry.x(square) + size / 2, geometry.y(square) + size / 2);
    }
}
