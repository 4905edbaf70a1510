package org.zeroply.library.drawing;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;

/**
 * A printed diagram: plain light squares, hatched dark ones, coordinates in the margin, and an
 * arrow for the move it is about.
 */
public final class Diagram {

    /** Margin for the coordinates, in parts of a square. */
    private static final double MARGIN = 0.45;

    private static final int HATCHES = 6;

    private final Position position;
    private final boolean flipped;
    private final Optional<Move> arrow;
    private final List<Mark> marks;

    /**
     * @param flipped Black at the bottom
     * @param arrow a move to point at
     */
    public Diagram(Position position, boolean flipped, Optional<Move> arrow) {
        this(position, flipped, arrow, List.of());
    }

    /**
     * @param flipped Black at the bottom
     * @param arrow a move to point at
     * @param marks what the coach has drawn
     */
    public Diagram(Position position, boolean flipped, Optional<Move> arrow, List<Mark> marks) {
        this.position = position;
        this.flipped = flipped;
        this.arrow = arrow;
        this.marks = List.copyOf(marks);
    }

    /** Draws it into a square box of this size, margin included. */
    public void draw(Pen pen, double x, double y, double size) {
        double square = size / (8 + MARGIN);
        double left = x + MARGIN * square;
        for (int at = 0; at < 64; at++) {
            double sx = left + column(at) * square;
            double sy = y + row(at) * square;
            if (((at & 7) + (at >> 3)) % 2 == 0) {
                hatch(pen, sx, sy, square);
            }
            Optional<Piece> piece = position.pieceAt(at);
            if (piece.isPresent()) {
                man(pen, piece.get(), sx, sy, square);
            }
        }
        frame(pen, left, y, 8 * square);
        coordinates(pen, left, y, square);
        arrow.filter(m -> !m.isNull()).ifPresent(m -> arrow(pen, m, left, y, square));
        DiagramMarks marking =
                new DiagramMarks(
                        pen,
                        new DiagramMarks.Squares() {
                            @Override
                            public double x(int at) {
                                return left + column(at) * square;
                            }

                            @Override
                            public double y(int at) {
                                return y + row(at) * square;
                            }
                        },
                        square);
        marks.forEach(marking::draw);
    }

    private int column(int square) {
        return flipped ? 7 - (square & 7) : square & 7;
    }

    private int row(int square) {
        return flipped ? square >> 3 : 7 - (square >> 3);
    }

    private static void hatch(Pen pen, double x, double y, double size) {
        pen.rectangle(x, y, size, size, Ink.SHADE);
        for (int i = 1; i < 2 * HATCHES; i++) {
            double t = i * size / HATCHES;
            double from = Math.max(0, t - size);
            double to = Math.min(size, t);
            pen.line(
                    List.of(x + from, y + size - (t - from), x + to, y + size - (t - to)),
                    Ink.RULE,
                    0.5,
                    false);
        }
    }

    /** Draws a man into a square of this size. */
    public static void man(Pen pen, Piece piece, double x, double y, double size) {
        PieceDrawing drawing = PieceDrawing.of(piece.type());
        boolean white = piece.side() == Side.WHITE;
        Ink fill = white ? Ink.PAPER : Ink.INK;
        pen.paths(x, y, size, drawing.bodies(), fill, white ? Ink.INK : Ink.PAPER, white ? 5 : 2);
        pen.strokes(x, y, size, drawing.details(), white ? Ink.INK : Ink.PAPER, 4);
    }

    private static void frame(Pen pen, double x, double y, double size) {
        List<Double> corners = List.of(x, y, x + size, y, x + size, y + size, x, y + size, x, y);
        pen.line(corners, Ink.INK, 0.8, false);
    }

    private void coordinates(Pen pen, double left, double top, double square) {
        double size = 0.36 * square;
        for (int i = 0; i < 8; i++) {
            char file = (char) ('a' + (flipped ? 7 - i : i));
            int rank = flipped ? i + 1 : 8 - i;
            pen.text(
                    left + (i + 0.5) * square,
                    top + 8 * square + size,
                    size,
                    false,
                    Ink.FADED,
                    Pen.Anchor.MIDDLE,
                    String.valueOf(file));
            pen.text(
                    left - 0.12 * square,
                    top + (i + 0.5) * square + 0.35 * size,
                    size,
                    false,
                    Ink.FADED,
                    Pen.Anchor.END,
                    String.valueOf(rank));
        }
    }

    private void arrow(Pen pen, Move move, double left, double top, double square) {
        double x0 = left + (column(move.from()) + 0.5) * square;
        double y0 = top + (row(move.from()) + 0.5) * square;
        double x1 = left + (column(move.to()) + 0.5) * square;
        double y1 = top + (row(move.to()) + 0.5) * square;
        double length = Math.hypot(x1 - x0, y1 - y0);
        double dx = (x1 - x0) / length;
        double dy = (y1 - y0) / length;
        double head = 0.34 * square;
        double bx = x1 - dx * head;
        double by = y1 - dy * head;
        pen.line(List.of(x0, y0, bx, by), Ink.COACH, 0.09 * square, false);
        double side = 0.17 * square;
        pen.shape(
                List.of(x1, y1, bx - dy * side, by + dx * side, bx + dy * side, by - dx * side),
                Ink.COACH);
    }
}
