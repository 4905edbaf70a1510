package org.zeroply.desktop.board;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.desktop.texts.Texts;

/** A board on which men are put, dragged about, and dragged off; no rules hold on it. */
public final class SetUpBoard extends Region {

    /** Men in the order in which they are offered beside a board. */
    public static final List<PieceType> MEN =
            List.of(
                    PieceType.KING,
                    PieceType.QUEEN,
                    PieceType.ROOK,
                    PieceType.BISHOP,
                    PieceType.KNIGHT,
                    PieceType.PAWN);

    /** Told of what is done on the board. */
    public interface Handler {
        /** A square was pressed with a man in hand, or to take a man away. */
        void pressed(int square, boolean away);

        /** A man was dragged; to -1 when it was dragged off the board. */
        void dragged(int from, int to);
    }

    private final Canvas canvas = new Canvas();
    private Piece[] men = new Piece[64];
    private Map<Integer, String> signs = Map.of();
    private Palette palette = Palette.PAPER;
    private Handler handler;
    private int from = -1;
    private Point2D at = Point2D.ZERO;
    private boolean moved;

    /**
     * @param handler told of what is done on the board
     */
    public SetUpBoard(Handler handler) {
        this.handler = handler;
        getChildren().add(canvas);
        setMinSize(240, 240);
        setAccessibleText(Texts.of("board.board-to-set-up-a"));
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::draggedTo);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
    }

    /** Shows men by square; null where a square is empty. */
    public void show(Piece[] now) {
        men = now.clone();
        draw();
    }

    /** Shows men by square, and signs on squares that say something without a man. */
    public void show(Piece[] now, Map<Integer, String> said) {
        signs = Map.copyOf(said);
        show(now);
    }

    /** Chooses the colours. */
    public void setPalette(Palette value) {
        palette = value;
        draw();
    }

    /** The middle of a square in the coordinates of this node, in pixels. */
    public Point2D centreOf(int square) {
        BoardGeometry g = geometry();
        return new Point2D(g.x(square) + g.size() / 2, g.y(square) + g.size() / 2);
    }

    /** The square at a place of the scene, in pixels; -1 beside the board. */
    public int squareAt(double sceneX, double sceneY) {
        Point2D here = sceneToLocal(sceneX, sceneY);
        return geometry().squareAt(here.getX(), here.getY());
    }

    private BoardGeometry geometry() {
        return new BoardGeometry(getWidth(), getHeight(), false);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private void pressed(MouseEvent e) {
        int square = geometry().squareAt(e.getX(), e.getY());
        if (square < 0) {
            return;
        }
        moved = false;
        at = new Point2D(e.getX(), e.getY());
        if (e.getButton() == MouseButton.SECONDARY) {
            handler.pressed(square, true);
        } else {
            from = square;
        }
        e.consume();
    }

    private void draggedTo(MouseEvent e) {
        if (from >= 0 && men[from] != null) {
            at = new Point2D(e.getX(), e.getY());
            moved = moved || centreOf(from).distance(at) > geometry().size() / 3;
            draw();
        }
    }

    private void released(MouseEvent e) {
        if (from < 0) {
            return;
        }
        int square = from;
        from = -1;
        if (moved) {
            handler.dragged(square, geometry().squareAt(e.getX(), e.getY()));
        } else {
            handler.pressed(square, false);
        }
        moved = false;
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        BoardGeometry geometry = geometry();
        if (geometry.size() < 8) {
            return;
        }
        BoardPainter painter = new BoardPainter(g, geometry, palette);
        painter.squares();
        for (int square = 0; square < 64; square++) {
            Optional<Piece> man = Optional.ofNullable(men[square]);
            if (square == from && moved) {
                int here = square;
                man.ifPresent(p -> painter.shadow(p, here));
            } else {
                painter.man(man, square);
            }
        }
        signs.forEach((square, sign) -> painter.sign(sign, square));
        if (from >= 0 && moved && men[from] != null) {
            painter.dragged(men[from], at.getX(), at.getY());
        }
    }
}
