package org.zeroply.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.WritableImage;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.drawing.SvgPen;

/** The position of a node with its marks, as a picture. */
record BoardPicture(Node node, boolean flipped, boolean marks, Palette palette) {

    private List<Mark> shownMarks() {
        return marks ? node.annotation().marks() : List.of();
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
                node.position(), marks ? Optional.of(node.move()) : Optional.empty(), shownMarks());
        // Styles and sizes come with a scene.
        new Scene(board, size, size);
        board.applyCss();
        board.layout();
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setFill(palette.paper().sheet());
        return board.snapshot(parameters, new WritableImage(size, size));
    }

    /**
     * As lines, for print and web.
     *
     * @param size width and height in pixels
     */
    String svg(int size) {
        SvgPen pen = new SvgPen();
        new Diagram(node.position(), flipped, Optional.empty(), shownMarks()).draw(pen, 0, 0, size);
        return pen.svg(size, size, Texts.of("app.diagram", node.position().fen()));
    }
}
