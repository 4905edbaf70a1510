package org.zeroply.desktop.games;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Line;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.board.SmallBoard;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.index.PositionFinder;

/**
 * The positions found as small diagrams that fill their rows, and what to do while there are none.
 */
final class FoundPositions extends ScrollPane {

    private static final double GAP = 10;

    /** The least side of a diagram, in pixels, and what a tile has around it. */
    private static final double DIAGRAM = 132;

    private static final double AROUND = 12;

    /** So many small boards are drawn before anything else gets its turn: our choice. */
    private static final int AT_ONCE = 12;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final List<String> EXAMPLES =
            List.of(
                    "white isolated queen's pawn FOR 10 PLIES; colours exchanged",
                    "white sacrificed the exchange; colours exchanged",
                    "white lifted a rook THEN mate by white; colours exchanged",
                    "opposite-coloured bishops, rook on the board, no queens",
                    "white outpost for good; colours exchanged");

    private final PositionsModel model;
    private final Runnable collect;
    private final FlowPane tiles = new FlowPane(GAP, GAP);
    private final VBox empty = new VBox(6);
    private final Map<PositionFinder.Hit, Button> shown = new HashMap<>();
    private final Queue<PositionFinder.Hit> waiting = new ArrayDeque<>();
    private double side = DIAGRAM;
    private Palette palette = Palette.PAPER;

    /**
     * @param collect puts the games found into a collection
     */
    FoundPositions(PositionsModel model, Runnable collect) {
        this.model = model;
        this.collect = collect;
        setId("positions-found");
        setFitToWidth(true);
        getStyleClass().add("plain-scroll");
        setContent(new VBox(empty, tiles));
        viewportBoundsProperty().addListener((o, was, is) -> fit(is.getWidth()));
        empty.managedProperty().bind(empty.visibleProperty());
        fillEmpty();
        model.hits().addListener(this::changed);
        tiles.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** What to do first, with examples a press away. */
    private void fillEmpty() {
        empty.setId("positions-empty");
        empty.getChildren()
                .add(Widgets.wrapped(Texts.of("games.every-position-of-every-game"), "plain"));
        EXAMPLES.forEach(
                said -> {
                    Button example = Widgets.quiet("", said, () -> model.ask(said));
                    example.getStyleClass().add("example");
                    example.setMinWidth(0);
                    example.setWrapText(true);
                    example.setMinHeight(Region.USE_PREF_SIZE);
                    empty.getChildren().add(example);
                });
    }

    /** Lets the diagrams fill their rows. */
    private void fit(double width) {
        double room = width - 2;
        int columns = Math.max(1, (int) ((room + GAP) / (DIAGRAM + AROUND + GAP)));
        side = Math.floor((room - GAP * (columns - 1)) / columns - AROUND);
        tiles.getChildren().forEach(t -> fit((Button) t));
    }

    private void fit(Button tile) {
        VBox content = (VBox) tile.getGraphic();
        content.setMaxWidth(side);
        content.setPrefWidth(side);
        ((SmallBoard) content.getChildren().get(0)).setSide(side);
    }

    private void changed(ListChangeListener.Change<? extends PositionFinder.Hit> change) {
        while (change.next()) {
            if (change.wasRemoved()) {
                tiles.getChildren().clear();
                shown.clear();
                waiting.clear();
            }
            if (waiting.isEmpty() && change.wasAdded()) {
                Platform.runLater(this::showSome);
            }
            waiting.addAll(change.getAddedSubList());
        }
        boolean none = model.hits().isEmpty();
        empty.setVisible(none && model.stateProperty().get().isEmpty());
    }

    /**
     * One of them can be reached with the Tab key; from there the keys of lists lead to the others.
     */
    private void key(KeyEvent e) {
        List<Node> all = tiles.getChildren();
        int now = all.indexOf((Node) e.getTarget());
        if (now < 0 || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        switch (e.getCode()) {
            case DOWN -> go(now, now + 1);
            case UP -> go(now, now - 1);
            case HOME -> go(now, 0);
            case END -> go(now, all.size() - 1);
            case ENTER -> ((Button) all.get(now)).fire();
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void go(int from, int to) {
        if (to >= 0 && to < tiles.getChildren().size()) {
            Node tile = tiles.getChildren().get(to);
            tiles.getChildren().get(from).setFocusTraversable(false);
            tile.setFocusTraversable(true);
            tile.requestFocus();
            reveal(tile);
        }
    }

    private void reveal(Node tile) {
        double height =
                getContent().getBoundsInLocal().getHeight() - getViewportBounds().getHeight();
        double top = tile.getBoundsInParent().getMinY() + tiles.getBoundsInParent().getMinY();
        if (height > 0) {
            setVvalue(Math.max(0, Math.min(1, (top - GAP) / height)));
        }
    }

    /** A few at a time, so that the window answers in between. */
    private void showSome() {
        for (int i = 0; i < AT_ONCE && !waiting.isEmpty(); i++) {
            tiles.getChildren().add(tile(waiting.remove()));
        }
        if (!waiting.isEmpty()) {
            Platform.runLater(this::showSome);
        }
    }

    private Button tile(PositionFinder.Hit hit) {
        SmallBoard diagram = new SmallBoard(hit.position(), side, palette);
        Label title = Widgets.label(hit.game().title().replace(" – ", "\n– "), "hit-title");
        Label about = Widgets.label(about(hit), "faded");
        for (Label label : List.of(title, about)) {
            label.setMinWidth(0);
        }
        Button tile = new Button();
        tile.setId("hit-" + tiles.getChildren().size());
        tile.getStyleClass().add("hit");
        tile.setAccessibleRole(AccessibleRole.LIST_ITEM);
        tile.setGraphic(new VBox(3, diagram, title, about));
        tile.setAccessibleText(hit.game().title() + ", " + about.getText());
        tile.setTooltip(
                Widgets.wide(
                        hit.game().title()
                                + ", "
                                + hit.game().date()
                                + ", "
                                + hit.game().result()));
        // A press leaves the focus where it is: the arrows step through the game on the board.
        tile.setFocusTraversable(tiles.getChildren().isEmpty());
        tile.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> pressed(tile));
        tile.setOnAction(e -> choose(hit));
        tile.setOnContextMenuRequested(
                e -> Menus.show(tile, e.getScreenX(), e.getScreenY(), menu(hit)));
        fit(tile);
        shown.put(hit, tile);
        return tile;
    }

    private void pressed(Button tile) {
        tiles.getChildren().forEach(t -> t.setFocusTraversable(false));
        Platform.runLater(() -> tile.setFocusTraversable(true));
    }

    private static String about(PositionFinder.Hit hit) {
        int ply = hit.match().ply();
        String after = Texts.of("games.at-the-start");
        if (ply > 0) {
            Move last = new Move(hit.line().moves()[ply - 1]);
            after = Line.numbered(hit.line().at(ply - 1), List.of(last));
        }
        String year = hit.game().date().replaceAll("\\..*|\\?.*", "");
        return year.isEmpty() ? after : after + "  ·  " + year;
    }

    private List<Command> menu(PositionFinder.Hit hit) {
        List<Command> all = new ArrayList<>();
        all.add(Command.of(Texts.of("games.on-the-board"), () -> choose(hit)));
        all.add(Command.of(Texts.of("games.all-games-found-into-a"), collect));
        return all;
    }

    private void choose(PositionFinder.Hit hit) {
        shown.forEach((h, tile) -> tile.pseudoClassStateChanged(CHOSEN, h.equals(hit)));
        model.open(hit);
    }

    void setPalette(Palette value) {
        palette = value;
        tiles.getChildren().stream()
                .map(t -> ((VBox) ((Button) t).getGraphic()).getChildren().get(0))
                .forEach(d -> ((SmallBoard) d).setPalette(value));
    }
}
