package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.sheet.LineSheetView;

/**
 * Walks over what is shown: finds controls that lie over each other or outside of the window, and
 * texts that are cut and do not tell themselves in a tooltip.
 */
final class SceneWalk {

    /** Pixels that may overlap: borders and rounding. */
    private static final double SLACK = 2;

    private static final Set<String> DRAWN = Set.of("course-strip", "map-paper", "what-if");

    private record Seen(Node node, Rectangle2D at) {}

    private final List<Seen> controls = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();
    private final Rectangle2D window;

    private SceneWalk(Parent root) {
        window = new Rectangle2D(0, 0, root.getScene().getWidth(), root.getScene().getHeight());
        walk(root, window);
        overlaps();
    }

    /** What is wrong with what a root shows; empty when nothing is. */
    static List<String> problems(Parent root) {
        root.applyCss();
        root.layout();
        return new SceneWalk(root).problems;
    }

    private void walk(Node node, Rectangle2D clip) {
        if (!node.isVisible() || node instanceof ScrollBar) {
            return;
        }
        Bounds b = node.localToScene(node.getLayoutBounds());
        Rectangle2D all =
                new Rectangle2D(
                        b.getMinX(),
                        b.getMinY(),
                        Math.max(0, b.getWidth()),
                        Math.max(0, b.getHeight()));
        Rectangle2D seen = cut(all, clip);
        if (isLeaf(node)) {
            look(node, all, seen);
            return;
        }
        boolean scrolls =
                node instanceof ScrollPane
                        || node instanceof TableView
                        || node instanceof ListView
                        || node instanceof SplitPane;
        if (node instanceof Parent parent && seen.getWidth() > 0 && seen.getHeight() > 0) {
            boolean inside = scrolls || node.getStyleClass().contains("viewport");
            for (Node child : parent.getChildrenUnmodifiable()) {
                walk(child, inside ? seen : clip);
            }
        }
    }

    private static boolean isLeaf(Node node) {
        return node instanceof Labeled
                || node instanceof TextInputControl
                || node instanceof ComboBoxBase
                || node instanceof BoardView
                || node instanceof LineSheetView
                || node.getStyleClass().stream().anyMatch(DRAWN::contains);
    }

    private void look(Node node, Rectangle2D all, Rectangle2D seen) {
        if (all.getWidth() < 1 || all.getHeight() < 1) {
            if (node instanceof Labeled l
                    && !(node instanceof IndexedCell)
                    && !l.getText().isEmpty()) {
                problems.add("no room at all: " + name(node));
            }
            return;
        }
        if (seen.getWidth() < 1 || seen.getHeight() < 1) {
            return;
        }
        boolean cell = node instanceof IndexedCell;
        if (!cell && node instanceof Control) {
            controls.add(new Seen(node, seen));
        }
        boolean out = all.getMaxX() > window.getMaxX() + SLACK || all.getMinX() < -SLACK;
        if (out && seen.getWidth() < all.getWidth() - SLACK && !inScroller(node)) {
            problems.add("out of the window: " + name(node) + " " + all);
        }
        if (node instanceof Labeled labeled && !cell) {
            text(labeled);
        }
    }

    private static boolean inScroller(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n instanceof TableView || n instanceof ListView) {
                return true;
            }
        }
        return false;
    }

    private void text(Labeled labeled) {
        String whole = labeled.getText();
        Node drawn = labeled.lookup(".text");
        if (whole == null || whole.isBlank() || !(drawn instanceof Text text)) {
            return;
        }
        boolean isCut = !text.getText().equals(whole) && !labeled.isWrapText();
        boolean tells = labeled.getTooltip() != null;
        if (isCut && !tells) {
            problems.add("cut without a tooltip: " + name(labeled));
        }
    }

    private void overlaps() {
        for (int i = 0; i < controls.size(); i++) {
            for (int j = i + 1; j < controls.size(); j++) {
                Rectangle2D both = cut(controls.get(i).at(), controls.get(j).at());
                if (both.getWidth() > SLACK && both.getHeight() > SLACK) {
                    problems.add(
                            "over each other: "
                                    + name(controls.get(i).node())
                                    + " and "
                                    + name(controls.get(j).node()));
                }
            }
        }
    }

    private static Rectangle2D cut(Rectangle2D one, Rectangle2D two) {
        double x = Math.max(one.getMinX(), two.getMinX());
        double y = Math.max(one.getMinY(), two.getMinY());
        double width = Math.min(one.getMaxX(), two.getMaxX()) - x;
        double height = Math.min(one.getMaxY(), two.getMaxY()) - y;
        return new Rectangle2D(x, y, Math.max(0, width), Math.max(0, height));
    }

    private static String name(Node node) {
        String text = node instanceof Labeled l ? " '" + l.getText() + "'" : "";
        String id =
                node.getId() == null ? String.join(".", node.getStyleClass()) : "#" + node.getId();
        return node.getClass().getSimpleName() + " " + id + text;
    }
}
