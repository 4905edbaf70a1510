package org.zeroply.desktop.controls;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/**
 * Controls side by side that go on in a second line where the first one has no room for them;
 * nothing in it is squeezed. What may grow takes what is left of its line.
 */
public final class Bar extends HBox {

    /** What may grow asks for no more than this where there is little room, in pixels. */
    private static final double GROWING = 120;

    private static final double LINE_GAP = 6;

    /** No window is wider, in pixels. */
    private static final double WIDEST = 20_000;

    private double height;

    public Bar(double gap, Node... nodes) {
        super(gap, nodes);
        getStyleClass().add("bar");
        setMinWidth(0);
        // Whoever gives it room has asked for its height before its width was known.
        widthProperty()
                .addListener(
                        (o, was, is) -> {
                            double now = computePrefHeight(is.doubleValue());
                            if (now != height) {
                                height = now;
                                Platform.runLater(this::requestLayout);
                            }
                        });
    }

    private record Line(List<Node> nodes, double height) {}

    private static boolean grows(Node node) {
        return HBox.getHgrow(node) == Priority.ALWAYS;
    }

    /** The width a control asks for; one that grows is content with less. */
    private double wanted(Node node, double room) {
        double pref = node.prefWidth(-1);
        double least = grows(node) ? Math.min(pref, GROWING) : pref;
        return Math.min(Math.max(least, node.minWidth(-1)), room);
    }

    /** The same in whole pixels. */
    private double drawn(Node node, double room) {
        return Math.min(snapSizeX(wanted(node, room)), Math.floor(room));
    }

    private List<Line> lines(double room) {
        List<Line> lines = new ArrayList<>();
        List<Node> now = new ArrayList<>();
        double width = 0;
        for (Node node : getManagedChildren()) {
            double next = wanted(node, room);
            if (!now.isEmpty() && next > 0 && width + getSpacing() + next > room + 0.5) {
                lines.add(line(now, room));
                now = new ArrayList<>();
                width = 0;
            }
            width += (now.isEmpty() ? 0 : getSpacing()) + next;
            now.add(node);
        }
        if (!now.isEmpty()) {
            lines.add(line(now, room));
        }
        return lines;
    }

    private Line line(List<Node> nodes, double room) {
        double height = 0;
        for (Node node : nodes) {
            height = Math.max(height, node.prefHeight(wanted(node, room)));
        }
        return new Line(List.copyOf(nodes), height);
    }

    private double inner(double width) {
        Insets in = getInsets();
        return Math.max(1, width - in.getLeft() - in.getRight());
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computeMinWidth(double height) {
        Insets in = getInsets();
        return in.getLeft() + in.getRight();
    }

    @Override
    protected double computePrefWidth(double height) {
        double width = 0;
        for (Node node : getManagedChildren()) {
            width += (width > 0 ? getSpacing() : 0) + node.prefWidth(-1);
        }
        Insets in = getInsets();
        return in.getLeft() + width + in.getRight();
    }

    @Override
    protected double computePrefHeight(double width) {
        double known = getWidth() > 0 ? getWidth() : prefWidth(-1);
        // Asked without a width, or for the narrowest or widest there is, as boxes ask that do not
        // know theirs, it answers for the one it has.
        boolean unknown = width <= minWidth(-1) + 1 || width > WIDEST;
        double room = inner(unknown ? known : width);
        List<Line> lines = lines(room);
        double height = Math.max(0, lines.size() - 1) * LINE_GAP;
        for (Line line : lines) {
            height += line.height();
        }
        Insets in = getInsets();
        return in.getTop() + height + in.getBottom();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    /**
     * Controls are as wide as they ask to be in whole pixels, so that no text is cut. Where many
     * that are rounded up would end beyond the edge, what grows gives way, or else the gaps do.
     */
    @Override
    protected void layoutChildren() {
        double room = inner(getWidth());
        double y = getInsets().getTop();
        for (Line line : lines(room)) {
            List<Node> nodes = line.nodes();
            double left = Math.floor(room) - (nodes.size() - 1) * getSpacing();
            for (Node node : nodes) {
                left -= drawn(node, room);
            }
            long growing = nodes.stream().filter(Bar::grows).count();
            double extra = growing == 0 ? 0 : Math.floor(left / growing);
            double gap = getSpacing();
            if (growing == 0 && left < 0 && nodes.size() > 1) {
                gap += left / (nodes.size() - 1);
            }
            double x = getInsets().getLeft();
            for (Node node : nodes) {
                double wide = drawn(node, room) + (grows(node) ? extra : 0);
                double high = node.prefHeight(wide);
                node.resizeRelocate(
                        snapPositionX(x),
                        snapPositionY(y + (line.height() - high) / 2),
                        wide,
                        snapSizeY(high));
                x += wide + gap;
            }
            y += line.height() + LINE_GAP;
        }
    }
}
