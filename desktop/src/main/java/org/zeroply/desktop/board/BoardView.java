package org.zeroply.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;

/**
 * The board. It shows a position with marks and reports moves made with the left button (drag, or
 * click and click) and lines drawn with the right one; it changes nothing itself.
 */
public final class BoardView extends Region {

    /** The coordinates' type as a part of their margin: 12 px in the smallest. */
    private static final double TYPE_PART = 0.6;

    /** Squares are of middling tone in either light, so marks keep the inks of paper. */
    private static final Palette MARKS = Palette.PAPER;

    private final Canvas canvas = new Canvas();
    private Palette palette = Palette.PAPER;
    private Position position = Position.START;
    private List<Mark> marks = List.of();
    private BoardOverlay overlay = BoardOverlay.NONE;
    private Optional<Move> lastMove = Optional.empty();
    private boolean flipped;
    private boolean movable = true;
    private int selected = -1;
    private int dragFrom = -1;
    private Point2D dragAt = Point2D.ZERO;
    private boolean dragged;
    private int drawFrom = -1;
    private int drawTo = -1;
    private Optional<Piece[]> setUp = Optional.empty();

    private BiConsumer<Integer, Integer> onMove = (from, to) -> {};
    private BiConsumer<Integer, Integer> onDraw = (from, to) -> {};
    private IntConsumer onSquare = square -> {};
    private IntConsumer onPress = square -> {};

    public BoardView() {
        setId("board");
        getStyleClass().add("board");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(true);
        getChildren().add(canvas);
        setMinSize(240, 240);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::draggedTo);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
    }

    /** Shows a position, the move that led to it, and marks. */
    public void show(Position shown, Optional<Move> move, List<Mark> shownMarks) {
        position = shown;
        setUp = Optional.empty();
        lastMove = move.filter(m -> !m.isNull());
        marks = List.copyOf(shownMarks);
        selected = -1;
        setAccessibleText("Board: " + describe());
        draw();
    }

    /** Lays something over the position until something else is laid over it. */
    public void setOverlay(BoardOverlay value) {
        overlay = value;
        draw();
    }

    /** Shows men by square (null where empty) that need not be a possible position. */
    public void showSetUp(Piece[] men) {
        setUp = Optional.of(men.clone());
        lastMove = Optional.empty();
        marks = List.of();
        draw();
    }

    /** Whether men can be moved with the mouse. */
    public void setMovable(boolean value) {
        movable = value;
        selected = -1;
        draw();
    }

    /** Chooses the colours. */
    public void setPalette(Palette value) {
        palette = value;
        draw();
    }

    /** Whether Black is shown at the bottom. */
    public boolean isFlipped() {
        return flipped;
    }

    /** Turns the board around. */
    public void setFlipped(boolean value) {
        flipped = value;
        draw();
    }

    /** Calls this with origin and target when a man was moved. */
    public void onMove(BiConsumer<Integer, Integer> handler) {
        onMove = handler;
    }

    /** Calls this with both ends (perhaps the same square) when a line was drawn. */
    public void onDraw(BiConsumer<Integer, Integer> handler) {
        onDraw = handler;
    }

    /** Calls this with the square when one was pressed while men cannot be moved. */
    public void onSquare(IntConsumer handler) {
        onSquare = handler;
    }

    /** Calls this with every square pressed, whatever else comes of it. */
    public void onPress(IntConsumer handler) {
        onPress = handler;
    }

    /** The middle of a square in the coordinates of this node, in pixels. */
    public Point2D centreOf(int square) {
        return new Point2D(x(square) + size() / 2, y(square) + size() / 2);
    }

    // ---- Geometry -------------------------------------------------------------------------------

    private BoardGeometry geometry() {
        return new BoardGeometry(getWidth(), getHeight(), flipped);
    }

    private double size() {
        return geometry().size();
    }

    private double x(int square) {
        return geometry().x(square);
    }

    private double y(int square) {
        return geometry().y(square);
    }

    private int squareAt(double px, double py) {
        return geometry().squareAt(px, py);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    // ---- Mouse ----------------------------------------------------------------------------------

    private void pressed(MouseEvent e) {
        requestFocus();
        int square = squareAt(e.getX(), e.getY());
        if (square < 0) {
            return;
        }
        onPress.accept(square);
        if (e.getButton() == MouseButton.SECONDARY) {
            drawFrom = square;
            drawTo = square;
        } else if (!movable) {
            onSquare.accept(square);
        } else if (selected >= 0 && selected != square && !isOwn(square)) {
            int from = selected;
            selected = -1;
            onMove.accept(from, square);
        } else if (isOwn(square)) {
            dragFrom = square;
            dragged = false;
            selected = selected == square ? -1 : square;
        } else {
            selected = -1;
        }
        draw();
        e.consume();
    }

    private boolean isOwn(int square) {
        return position.pieceAt(square).map(p -> p.side() == position.sideToMove()).orElse(false);
    }

    private void draggedTo(MouseEvent e) {
        if (drawFrom >= 0) {
            int square = squareAt(e.getX(), e.getY());
            drawTo = square < 0 ? drawTo : square;
            draw();
        } else if (dragFrom >= 0) {
            dragAt = new Point2D(e.getX(), e.getY());
            dragged = dragged || centreOf(dragFrom).distance(dragAt) > size() / 3;
            draw();
        }
    }

    private void released(MouseEvent e) {
        int square = squareAt(e.getX(), e.getY());
        if (drawFrom >= 0) {
            int from = drawFrom;
            drawFrom = -1;
            if (square >= 0) {
                onDraw.accept(from, square);
            }
        } else if (dragFrom >= 0) {
            int from = dragFrom;
            dragFrom = -1;
            if (dragged && square >= 0 && square != from) {
                selected = -1;
                onMove.accept(from, square);
            }
        }
        draw();
    }

    // ---- Drawing --------------------------------------------------------------------------------

    private void draw() {
        double size = size();
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (size < 8) {
            return;
        }
        for (int square = 0; square < 64; square++) {
            drawSquare(g, square, size);
        }
        coordinates(g, size);
        g.setStroke(palette.ink());
        g.setLineWidth(1.2);
        g.strokeRect(geometry().margin(), 0.6, 8 * size, 8 * size - 0.6);
        OverlayPainter over = new OverlayPainter(g, geometry(), size, MARKS);
        over.tones(overlay);
        lastMove.ifPresent(m -> List.of(m.from(), m.to()).forEach(s -> corners(g, s, size)));
        if (selected >= 0) {
            frame(g, selected, size);
            targets(g, size);
        }
        MarkPainter painter = new MarkPainter(g, geometry(), size, MARKS);
        shownMarks().filter(m -> !m.meaning().isArrow()).forEach(painter::draw);
        for (int square = 0; square < 64; square++) {
            if (square != dragFrom || !dragged) {
                drawMan(g, square, size);
            }
        }
        shownMarks().filter(m -> m.meaning().isArrow()).forEach(painter::draw);
        over.signs(overlay);
        if (drawFrom >= 0 && drawTo != drawFrom) {
            painter.draw(new Mark(Mark.Meaning.IDEA, List.of(drawFrom, drawTo)));
        }
        if (dragFrom >= 0 && dragged) {
            position.pieceAt(dragFrom)
                    .ifPresent(
                            p ->
                                    PieceShapes.draw(
                                            g,
                                            p,
                                            dragAt.getX() - size / 2,
                                            dragAt.getY() - size / 2,
                                            size,
                                            palette));
        }
    }

    /** The marks of the game and those laid over it, each once. */
    private Stream<Mark> shownMarks() {
        return Stream.concat(marks.stream(), overlay.marks().stream()).distinct();
    }

    private void drawSquare(GraphicsContext g, int square, double size) {
        boolean light = Square.isLight(square);
        double x = x(square);
        double y = y(square);
        g.setFill(light ? palette.lightSquare() : palette.darkSquare());
        g.fillRect(x, y, size, size);
        if (light) {
            return;
        }
        g.setStroke(palette.hatch());
        g.setLineWidth(0.7);
        double step = size / 9;
        for (double d = step; d < 2 * size; d += step) {
            double x1 = Math.max(0, d - size);
            double y1 = Math.min(size, d);
            g.strokeLine(x + x1, y + y1, x + y1, y + x1);
        }
    }

    private void drawMan(GraphicsContext g, int square, double size) {
        Optional<Piece> piece =
                setUp.map(men -> Optional.ofNullable(men[square]))
                        .orElseGet(() -> position.pieceAt(square));
        piece.ifPresent(p -> PieceShapes.draw(g, p, x(square), y(square), size, palette));
    }

    private void coordinates(GraphicsContext g, double size) {
        g.setFill(palette.faded());
        double margin = geometry().margin();
        g.setFont(Font.font("B612", TYPE_PART * margin));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < 8; i++) {
            String rank = String.valueOf(flipped ? i + 1 : 8 - i);
            String file = String.valueOf((char) ('a' + (flipped ? 7 - i : i)));
            g.fillText(rank, margin / 2 - 1, (i + 0.5) * size);
            g.fillText(file, margin + (i + 0.5) * size, 8 * size + margin / 2);
        }
    }

    /** The squares of the last move are bracketed at their corners. */
    private void corners(GraphicsContext g, int square, double size) {
        g.setStroke(MARKS.coach());
        g.setLineWidth(2.4);
        double l = size * 0.2;
        double x = x(square) + 2;
        double y = y(square) + 2;
        double far = size - 4;
        g.strokePolyline(new double[] {x, x, x + l}, new double[] {y + l, y, y}, 3);
        g.strokePolyline(
                new double[] {x + far, x + far, x + far - l},
                new double[] {y + far - l, y + far, y + far},
                3);
    }

    private void frame(GraphicsContext g, int square, double size) {
        g.setStroke(MARKS.coach());
        g.setLineWidth(2.5);
        g.strokeRect(x(square) + 2, y(square) + 2, size - 4, size - 4);
    }

    private void targets(GraphicsContext g, double size) {
        g.setStroke(MARKS.coach());
        g.setLineWidth(2);
        for (Move move : position.legalMoves()) {
            if (move.from() == selected) {
                Point2D c = centreOf(move.to());
                double r = size * 0.09;
                g.strokeLine(c.getX() - r, c.getY(), c.getX() + r, c.getY());
                g.strokeLine(c.getX(), c.getY() - r, c.getX(), c.getY() + r);
            }
        }
    }

    /** The men in words, for screen readers. */
    private String describe() {
        List<String> words = new ArrayList<>();
        for (Side side : Side.values()) {
            StringBuilder men = new StringBuilder(side.word()).append(':');
            for (int t = 5; t >= 0; t--) {
                PieceType type = PieceType.of(t);
                long set = position.pieces(side, type);
                for (; set != 0; set &= set - 1) {
                    men.append(' ')
                            .append(type.word())
                            .append(' ')
                            .append(Square.name(Long.numberOfTrailingZeros(set)));
                }
            }
            words.add(men.toString());
        }
        words.add(position.sideToMove().word() + " to move");
        return String.join("; ", words);
    }
}
