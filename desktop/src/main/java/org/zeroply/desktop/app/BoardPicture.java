package org.zeroply.desktop.app;

import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.board.Palette;
import org.zeroply.library.print.Diagram;
import org.zeroply.library.print.SvgPen;

/** The position of a node with its marks, as a picture. */
record BoardPicture(Node node, boolean flipped, boolean marks, Palette palette) {

    private Optional<Move> move() {
        return node.isRoot() ? Optional.empty() : Optional.of(node.move());
    }

    /**
     * As points of colour; on the interface thread only.
     *
     * @param size width and height in pixels
     */
    WritableImage image(int size) {
        BoardView board = new BoardView();
        board.setPalette(palette);
        board.setFlipped(flipped);
        board.setMinSize(size, size);
        board.setPrefSize(size, size);
        board.setMaxSize(size, size);
        board.show(
                node.position(),
                marks ? move() : Optional.empty(),
                marks ? node.annotation().marks() : java.util.List.of());
        Scene scene = new Scene(board, size, size);
        board.applyCss();
        board.layout();
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setFill(palette.sheet());
        WritableImage image = board.snapshot(parameters, new WritableImage(size, size));
        scene.setFill(Color.TRANSPARENT);
        return image;
    }

    /**
     * As lines, for print and web.
     *
     * @param size width and height in pixels
     */
    String svg(int size) {
        SvgPen pen = new SvgPen();
        new Diagram(
                        node.position(),
                        flipped,
                        Optional.empty(),
                        marks ? node.annotation().marks() : java.util.List.of())
                .draw(pen, 0, 0, size);
        return pen.svg(size, size, "Diagram: " + node.position().fen());
    }
}
