package org.zeroply.desktop.board;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Side;
import org.zeroply.library.drawing.PieceDrawing;

/** Draws the men on a canvas. */
public final class PieceShapes {

    private PieceShapes() {}

    /** Draws a man into a square box; the upper left corner and the size are in pixels. */
    public static void draw(
            GraphicsContext g, Piece piece, double x, double y, double size, Palette palette) {
        PieceDrawing drawing = PieceDrawing.of(piece.type());
        boolean white = piece.side() == Side.WHITE;
        Color fill = white ? palette.men().white() : palette.men().black();
        Color line = palette.men().line();
        Color detail = white ? line : palette.men().white();
        g.save();
        g.translate(x, y);
        g.scale(size / 100, size / 100);
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.setLineWidth(Math.max(4, 130 / size));
        for (String body : drawing.bodies()) {
            g.beginPath();
            g.appendSVGPath(body);
            g.setFill(fill);
            g.fill();
            if (white) {
                g.setStroke(line);
                g.stroke();
            }
        }
        if (!white) {
            halo(g, drawing, palette);
        }
        g.setStroke(detail);
        g.setLineWidth(Math.max(3, 110 / size));
        for (String stroke : drawing.details()) {
            g.beginPath();
            g.appendSVGPath(stroke);
            g.stroke();
        }
        g.restore();
    }

    /** A fine line around the parts of a black man, so that they stay apart from each other. */
    private static void halo(GraphicsContext g, PieceDrawing drawing, Palette palette) {
        g.setLineWidth(2);
        g.setStroke(palette.men().white().deriveColor(0, 1, 1, 0.55));
        for (String body : drawing.bodies()) {
            g.beginPath();
            g.appendSVGPath(body);
            g.stroke();
        }
    }
}
