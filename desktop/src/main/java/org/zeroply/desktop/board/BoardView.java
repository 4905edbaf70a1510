package org.zeroply.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.desktop.texts.Texts;

/**
 * The board. It shows a position with marks and reports moves made with the left button (drag, or
 * click and click) and lines drawn with the right one; it changes nothing itself.
 */
public final class BoardView extends Region {

    /** A man was moved. */
    public interface MoveHandler {
        /**
         * @param promotion what a pawn is to become; empty for all other moves
         */
        void moved(int from, int to, Optional<PieceType> promotion);
    }

    /** A line was drawn, perhaps from a square to itself. */
    public interface DrawHandler {
        void drawn(int from, int to);
    }

    /** The context menu was asked for; the place is in pixels of the screen. */
    public interface MenuHandler {
        void asked(double screenX, double screenY);
    }

    private final Canvas canvas = new Canvas();
    private Palette palette = Palette.PAPER;
    private Position position = Position.START;
    private List<Mark> marks = List.of();
    private BoardOverlay overlay = BoardOverlay.NONE;
    private Optional<Move> lastMove = Optional.empty();
    private boolean flipped;
    private boolean movable = true;
    private boolean queenAtOnce;
    private int selected = -1;
    private int dragFrom = -1;
    private Point2D dragAt = Point2D.ZERO;
    private boolean dragged;
    private boolean wasSelected;
    private int drawFrom = -1;
    private int drawTo = -1;
    private Optional<PromotionChoice> promoting = Optional.empty();

    private MoveHandler onMove = (from, to, promotion) -> {};
    private DrawHandler onDraw = (from, to) -> {};
    private MenuHandler onMenu = (x, y) -> {};
    private IntConsumer onSquare = square -> {};
    private IntConsumer onPress = square -> {};

    public BoardView() {
        setId("board");
        getStyleClass().add("board");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(true);
        getChildren().add(canvas);
        setMinSize(200, 200);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::draggedTo);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(
                ContextMenuEvent.CONTEXT_MENU_REQUESTED,
                e -> {
                    // With the mouse the right button draws first; it asks when nothing was drawn.
                    if (e.isKeyboardTrigger()) {
                        Point2D middle = localToScreen(getWidth() / 2, getHeight() / 2);
                        onMenu.asked(middle.getX(), middle.getY());
                    }
                    e.consume();
                });
    }

    /** Shows a position, the move that led to it, and marks. */
    public void show(Position shown, Optional<Move> move, List<Mark> shownMarks) {
        if (!shown.equals(position)) {
            dragFrom = -1;
        }
        position = shown;
        lastMove = move.filter(m -> !m.isNull());
        marks = List.copyOf(shownMarks);
        selected = -1;
        promoting = Optional.empty();
        setAccessibleText(Texts.of("board.board", describe()));
        draw();
    }

    /** Lays something over the position until something else is laid over it. */
    public void setOverlay(BoardOverlay value) {
        overlay = value;
        draw();
    }

    /** Whether men can be moved with the mouse. */
    public void setMovable(boolean value) {
        movable = value;
        selected = -1;
        draw();
    }

    /** Whether a pawn becomes a queen without a question. */
    public void setQueenAtOnce(boolean value) {
        queenAtOnce = value;
    }

    /** Whether a pawn becomes a queen without a question. */
    public boolean isQueenAtOnce() {
        return queenAtOnce;
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

    /** Calls this when a man was moved. */
    public void onMove(MoveHandler handler) {
        onMove = handler;
    }

    /** Calls this when a line was drawn. */
    public void onDraw(DrawHandler handler) {
        onDraw = handler;
    }

    /** Calls this when the context menu was asked for with the keyboard. */
    public void onMenu(MenuHandler handler) {
        onMenu = handler;
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
        BoardGeometry at = geometry();
        return new Point2D(at.x(square) + at.size() / 2, at.y(square) + at.size() / 2);
    }

    /** The middle of a man a pawn can become, while that is asked; in pixels of this node. */
    public Optional<Point2D> centreOf(PieceType man) {
        return promoting.map(
                p -> {
                    double[] middle = p.middleOf(geometry(), man);
                    return new Point2D(middle[0], middle[1]);
                });
    }

    private BoardGeometry geometry() {
        return new BoardGeometry(getWidth(), getHeight(), flipped);
    }

    private int squareAt(MouseEvent e) {
        return geometry().squareAt(e.getX(), e.getY());
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
        if (promoting.isPresent()) {
            PromotionChoice choice = promoting.get();
            promoting = Optional.empty();
            choice.at(geometry(), e.getX(), e.getY())
                    .ifPresent(man -> onMove.moved(choice.from(), choice.to(), Optional.of(man)));
            draw();
            e.consume();
            return;
        }
        int square = squareAt(e);
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
            move(from, square);
        } else if (isOwn(square)) {
            dragFrom = square;
            dragged = false;
            wasSelected = selected == square;
            selected = square;
        } else {
            selected = -1;
        }
        draw();
        e.consume();
    }

    private void move(int from, int to) {
        List<Move> possible =
                position.legalMoves().stream()
                        .filter(m -> m.from() == from && m.to() == to)
                        .toList();
        boolean promotes = possible.stream().anyMatch(m -> m.promotion().isPresent());
        if (!promotes) {
            onMove.moved(from, to, Optional.empty());
        } else if (queenAtOnce) {
            onMove.moved(from, to, Optional.of(PieceType.QUEEN));
        } else {
            promoting = Optional.of(new PromotionChoice(position.sideToMove(), from, to));
            setAccessibleText(promoting.get().words());
        }
    }

    /** What a pawn becomes can be said with a key too. */
    private void key(KeyEvent e) {
        if (promoting.isEmpty()) {
            return;
        }
        PromotionChoice choice = promoting.get();
        Optional<PieceType> man =
                switch (e.getCode()) {
                    case Q, ENTER -> Optional.of(PieceType.QUEEN);
                    case R -> Optional.of(PieceType.ROOK);
                    case B -> Optional.of(PieceType.BISHOP);
                    case N -> Optional.of(PieceType.KNIGHT);
                    default -> Optional.empty();
                };
        promoting = Optional.empty();
        man.ifPresent(m -> onMove.moved(choice.from(), choice.to(), Optional.of(m)));
        draw();
        e.consume();
    }

    private boolean isOwn(int square) {
        return position.pieceAt(square).map(p -> p.side() == position.sideToMove()).orElse(false);
    }

    private void draggedTo(MouseEvent e) {
        if (drawFrom >= 0) {
            int square = squareAt(e);
            drawTo = square < 0 ? drawTo : square;
            draw();
        } else if (dragFrom >= 0) {
            dragAt = new Point2D(e.getX(), e.getY());
            double far = geometry().size() / 3;
            dragged = dragged || centreOf(dragFrom).distance(dragAt) > far;
            draw();
        }
    }

    private void released(MouseEvent e) {
        int square = squareAt(e);
        if (drawFrom >= 0) {
            int from = drawFrom;
            drawFrom = -1;
            if (square >= 0) {
                onDraw.drawn(from, square);
            }
        } else if (dragFrom >= 0) {
            int from = dragFrom;
            dragFrom = -1;
            boolean put = dragged && square != from;
            if (put || wasSelected) {
                selected = -1;
            }
            if (put && square >= 0) {
                move(from, square);
            }
        }
        draw();
    }

    // ---- Drawing --------------------------------------------------------------------------------

    private void draw() {
        BoardGeometry geometry = geometry();
        double size = geometry.size();
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (size < 8) {
            return;
        }
        BoardPainter painter = new BoardPainter(g, geometry, palette);
        painter.squares();
        OverlayPainter over = new OverlayPainter(g, geometry, size, BoardPainter.MARKS);
        over.tones(overlay);
        lastMove.ifPresent(m -> List.of(m.from(), m.to()).forEach(painter::corners));
        if (selected >= 0) {
            painter.frame(selected);
            painter.targets(position, selected);
        }
        boolean dragging = dragFrom >= 0 && dragged;
        int under = dragging ? geometry.squareAt(dragAt.getX(), dragAt.getY()) : -1;
        if (under >= 0) {
            painter.frame(under);
        }
        MarkPainter marking = new MarkPainter(g, geometry, size, BoardPainter.MARKS);
        shownMarks().filter(m -> !m.meaning().isArrow()).forEach(marking::draw);
        for (int square = 0; square < 64; square++) {
            Optional<Piece> man = position.pieceAt(square);
            if (square == dragFrom && dragging) {
                man.ifPresent(p -> painter.shadow(p, dragFrom));
            } else {
                painter.man(man, square);
            }
        }
        shownMarks().filter(m -> m.meaning().isArrow()).forEach(marking::draw);
        over.signs(overlay);
        if (drawFrom >= 0 && drawTo != drawFrom) {
            marking.draw(new Mark(Mark.Meaning.IDEA, List.of(drawFrom, drawTo)));
        }
        if (dragging) {
            position.pieceAt(dragFrom)
                    .ifPresent(p -> painter.dragged(p, dragAt.getX(), dragAt.getY()));
        }
        promoting.ifPresent(p -> p.draw(g, geometry, palette));
    }

    /** The marks of the game and those laid over it, each once. */
    private Stream<Mark> shownMarks() {
        return Stream.concat(marks.stream(), overlay.marks().stream()).distinct();
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
        words.add(Texts.of("board.to-move", position.sideToMove().word()));
        return String.join("; ", words);
    }
}
