package org.zeroply.desktop.lab;

import java.awt.image.BufferedImage;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Insets;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.transform.Transform;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.texts.Texts;

/** A page of A4 with the diagram of a position, its marks, and the note on it. */
final class PrintedNote {

    /** A4 at 72 points an inch, drawn at four times that. */
    private static final double WIDTH = 595;

    private static final double HEIGHT = 842;
    private static final double SCALE = 4;
    private static final double DIAGRAM = 330;
    private static final double MARGIN = 56;

    private final VBox page = new VBox(12);

    private PrintedNote(Node node) {
        page.setPrefSize(WIDTH, HEIGHT);
        page.setMinSize(WIDTH, HEIGHT);
        page.setMaxSize(WIDTH, HEIGHT);
        page.setPadding(new Insets(MARGIN));
        page.setStyle("-fx-background-color: white;");
        // Drawn in the size of the finished picture: a canvas does not become finer when scaled.
        BoardView board = new BoardView();
        board.setMinSize(SCALE * DIAGRAM, SCALE * DIAGRAM);
        board.setPrefSize(SCALE * DIAGRAM, SCALE * DIAGRAM);
        board.getTransforms().add(Transform.scale(1 / SCALE, 1 / SCALE));
        board.show(node.position(), Optional.empty(), node.annotation().marks());
        page.getChildren().addAll(label(title(node), "Cabin", 15), new Group(board));
        page.getChildren().add(label(toMove(node), "Cabin", 12));
        page.getChildren().add(label(node.annotation().after(), "Cabin", 12));
        page.getChildren().add(label(node.position().fen(), "B612", 9));
    }

    /** The page for the position of a node; on the interface thread only. */
    static PrintedNote of(Node node) {
        return new PrintedNote(node);
    }

    private static Label label(String text, String face, double size) {
        Label label = new Label(text);
        label.setFont(Font.font(face, size));
        label.setTextFill(Color.BLACK);
        label.setWrapText(true);
        label.setMaxWidth(WIDTH - 2 * MARGIN);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private static String title(Node node) {
        return node.parent()
                .map(
                        p ->
                                Texts.of(
                                        "lab.after-2",
                                        Line.number(p.position(), true),
                                        San.write(p.position(), node.move())))
                .orElse(Texts.of("lab.position"));
    }

    private static String toMove(Node node) {
        return Texts.of("lab.to-move", node.position().sideToMove().word());
    }

    /** The page as a picture. */
    BufferedImage image() {
        new Scene(page, WIDTH, HEIGHT);
        page.applyCss();
        page.layout();
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setTransform(Transform.scale(SCALE, SCALE));
        BufferedImage drawn = SwingFXUtils.fromFXImage(page.snapshot(parameters, null), null);
        BufferedImage plain =
                new BufferedImage(drawn.getWidth(), drawn.getHeight(), BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(drawn, 0, 0, null);
        return plain;
    }
}
