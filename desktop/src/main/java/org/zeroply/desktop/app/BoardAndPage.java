package org.zeroply.desktop.app;

import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.BoardUse;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.work.WindowMemory;

/** Gives the board and the page of the desk in front their room. */
final class BoardAndPage extends StackPane {

    /** Room a page wants beside the board, in pixels. */
    private static final double PAGE = 500;

    private static final double PAGE_PART = 0.46;

    /** Part of the width that a board takes where it only illustrates. */
    private static final double SMALL_PART = 0.3;

    /** Narrower than this, the page goes under the board. */
    private static final double NARROW = 880;

    private final BoardColumn column;
    private final VBox place = new VBox();

    /** A page that is too high for the smallest window scrolls as a whole, and is never cut. */
    private final ScrollPane page = new ScrollPane();

    private final Split split;
    private BoardUse use = BoardUse.LARGE;

    /**
     * @param foot stands under the page
     */
    BoardAndPage(WindowMemory memory, BoardColumn column, Node foot) {
        this.column = column;
        page.getStyleClass().add("plain-scroll");
        page.setFitToWidth(true);
        page.setFitToHeight(true);
        page.setFocusTraversable(false);
        VBox.setVgrow(page, Priority.ALWAYS);
        place.getChildren().addAll(page, foot);
        place.setMinSize(0, 0);
        place.getStyleClass().add("place");
        split = new Split(memory, "games", Orientation.HORIZONTAL, this::boardWidth, column, place);
        getChildren().add(split);
    }

    private double boardWidth(double both) {
        if (split.getOrientation() == Orientation.VERTICAL) {
            return both / 2;
        }
        if (use == BoardUse.SMALL) {
            return both * SMALL_PART;
        }
        double wanted = Math.max(PAGE, PAGE_PART * both);
        return Math.min(column.widthForHeight(split.getHeight()), both - wanted);
    }

    /** Shows the page of a desk. */
    void show(Desk desk) {
        page.setContent(desk.content());
    }

    /**
     * Arranges both for a desk.
     *
     * @param window width of the window, in pixels; 0 while that is not known
     */
    void arrange(Desk desk, double window) {
        use = desk.boardUse().getValue();
        boolean board = use != BoardUse.NONE;
        split.setOrientation(
                window > 0 && window < NARROW ? Orientation.VERTICAL : Orientation.HORIZONTAL);
        if (board && !getChildren().contains(split)) {
            getChildren().clear();
            split.getItems().setAll(column, place);
            getChildren().setAll(split);
        } else if (!board && !getChildren().contains(place)) {
            split.getItems().remove(place);
            getChildren().setAll(place);
        }
        if (board) {
            split.setName(desk.name() + (use == BoardUse.SMALL ? ".small" : ""));
        }
    }
}
