package org.zeroply.desktop.controls;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.zeroply.desktop.work.WindowMemory;

/**
 * Two regions with a divider between them that can be dragged. Where it was dragged to is
 * remembered under a name; pressed twice it goes back to where it stands by itself, which follows
 * the size.
 */
public final class Split extends SplitPane {

    private final WindowMemory memory;
    private final DoubleUnaryOperator usual;
    private String name;
    private boolean ours;

    /**
     * @param name under which the place is remembered, as {@code divider.NAME}
     * @param usual pixels of the first region, by those of both
     */
    public Split(
            WindowMemory memory,
            String name,
            Orientation orientation,
            DoubleUnaryOperator usual,
            Region first,
            Region second) {
        super(first, second);
        this.memory = memory;
        this.name = "divider." + name;
        this.usual = usual;
        setOrientation(orientation);
        getStyleClass().add("split");
        getDividers().get(0).positionProperty().addListener((o, was, is) -> moved());
        widthProperty().addListener(o -> place());
        heightProperty().addListener(o -> place());
        addEventFilter(MouseEvent.MOUSE_CLICKED, this::clicked);
    }

    /** Goes on under another name, with the place remembered for it. */
    public void setName(String other) {
        name = "divider." + other;
        place();
    }

    private double size() {
        return getOrientation() == Orientation.HORIZONTAL ? getWidth() : getHeight();
    }

    private Optional<Double> remembered() {
        return memory.number(name).filter(p -> p > 0.02 && p < 0.98);
    }

    /** Forgets where it was dragged to. */
    public void reset() {
        memory.put(name, "");
        place();
    }

    /** Puts the divider where it belongs at this size. */
    public void place() {
        double size = size();
        if (size <= 0) {
            return;
        }
        ours = true;
        setDividerPosition(0, remembered().orElseGet(() -> usual.applyAsDouble(size) / size));
        ours = false;
    }

    private void moved() {
        boolean dragged =
                !ours && lookupAll(".split-pane-divider").stream().anyMatch(Node::isPressed);
        if (dragged) {
            memory.put(name, getDividerPositions()[0]);
        }
    }

    private void clicked(MouseEvent e) {
        boolean onDivider =
                e.getTarget() instanceof Node n
                        && n.getStyleClass().stream()
                                .anyMatch(
                                        c ->
                                                c.contains("split-pane-divider")
                                                        || c.contains("grabber"));
        if (onDivider && e.getClickCount() == 2) {
            reset();
            e.consume();
        }
    }
}
