package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.tactics.Danger;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.controls.BoardUse;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.TreeSession;

/**
 * The board, as large as the room allows, with what belongs to the position on a strip under it; it
 * keeps its place while desks change.
 */
final class BoardColumn extends Region {

    private static final double GAP = 8;
    private static final double LEAST = 220;

    /** Room for so many more lines lets a long one go on below, in heights of the type. */
    private static final double MOST_LINES = 4;

    private final BoardView board = new BoardView();
    private final Label points = label("balance-points", "balance-points");
    private final Label words = label("balance-words", "balance-words");
    private final Label state = label("position-state", "plain");
    private final Label hanging = label("hanging", "faded");
    private final Label opening = label("opening-name", "faded");
    private final ComboBox<MaterialScale> scale = new ComboBox<>();
    private final ComboBox<Mark.Meaning> meaning = new ComboBox<>();
    private final List<Integer> route = new ArrayList<>();
    private final HBox material;
    private final HBox danger;
    private final VBox strip;
    private final VBox below = new VBox();
    private final InvalidationListener refresh = o -> show();

    /** How a desk's board was turned by hand. */
    private final Map<Desk, Boolean> turned = new HashMap<>();

    private Optional<OpeningNames> names = Optional.empty();
    private Optional<Desk> desk = Optional.empty();
    private Optional<TreeSession> attached = Optional.empty();
    private Optional<Side> seen = Optional.empty();
    private ObservableValue<BoardOverlay> overlay = new ReadOnlyObjectWrapper<>(BoardOverlay.NONE);
    private ObservableValue<Boolean> hidden = new ReadOnlyObjectWrapper<>(false);
    private final InvalidationListener lay = o -> board.setOverlay(overlay.getValue());

    /**
     * @param menu shows the context menu of the board
     */
    BoardColumn(BoardView.MenuHandler menu) {
        getStyleClass().add("board-column");
        board.onMove(this::moved);
        board.onDraw((from, to) -> drawn(from, to, menu));
        board.onMenu(menu);
        board.onPress(square -> desk.ifPresent(d -> d.pressed(square)));
        scale.setId("material-scale");
        scale.getItems().addAll(MaterialScale.values());
        scale.setValue(MaterialScale.SCHOOL);
        scale.setTooltip(new Tooltip(Texts.of("app.in-which-points-men-are")));
        Widgets.texts(scale, item -> item.label());
        scale.valueProperty().addListener(refresh);
        meaning.setId("mark-meaning");
        meaning.getItems().addAll(Mark.Meaning.values());
        meaning.setValue(Mark.Meaning.IDEA);
        meaning.setTooltip(new Tooltip(Texts.of("app.what-the-right-mouse-button")));
        Widgets.texts(meaning, item -> Texts.of("app.draw", item.word()));
        meaning.valueProperty().addListener(o -> route.clear());
        HBox steps =
                new HBox(
                        4,
                        step("to-start", "«", Texts.of("app.to-the-start"), TreeSession::toStart),
                        step("step-back", "‹", Texts.of("app.one-move-back"), TreeSession::back),
                        step("step-on", "›", Texts.of("app.one-move-on"), TreeSession::forward),
                        step("to-end", "»", Texts.of("app.to-the-end-of-the"), TreeSession::toEnd),
                        state,
                        Widgets.spacer(),
                        opening);
        steps.getStyleClass().add("bar");
        state.setMinWidth(USE_PREF_SIZE);
        material = new HBox(8, points, words, Widgets.spacer(), scale);
        material.getStyleClass().add("bar");
        danger = new HBox(8, hanging, Widgets.spacer(), meaning);
        danger.getStyleClass().add("bar");
        List.of(words, hanging, opening).forEach(Widgets::tellCut);
        points.setMinWidth(USE_PREF_SIZE);
        List.of(words, hanging).forEach(label -> label.setMinHeight(USE_PREF_SIZE));
        for (ComboBox<?> box : List.of(scale, meaning)) {
            box.setMinWidth(128);
            box.setPrefWidth(128);
            box.getStyleClass().add("small");
        }
        strip = new VBox(2, steps, material, danger, below);
        strip.getStyleClass().add("position-strip");
        getChildren().addAll(board, strip);
        setMinWidth(LEAST);
        widthProperty().addListener(o -> wrap());
        heightProperty().addListener(o -> wrap());
    }

    // ---- Room -----------------------------------------------------------------------------------

    /** The width at which the board fills the height, in pixels. */
    double widthForHeight(double height) {
        double inside = height - snappedTopInset() - snappedBottomInset() - GAP;
        return inside - stripHeight() + snappedLeftInset() + snappedRightInset();
    }

    /**
     * A long line goes on below where the board leaves room there: beside a small board, and where
     * the column is too narrow for the board to fill its height.
     */
    private void wrap() {
        // Of the lines as they are when nothing goes on below.
        double free = getHeight() - getWidth() - GAP - strip.prefHeight(USE_COMPUTED_SIZE);
        for (Label label : List.of(words, hanging)) {
            label.setWrapText(!isLarge() || free > label.getFont().getSize() * MOST_LINES);
        }
    }

    private boolean isLarge() {
        return desk.filter(d -> d.boardUse().getValue() == BoardUse.LARGE).isPresent();
    }

    private double stripHeight() {
        double inside = getWidth() - snappedLeftInset() - snappedRightInset();
        return strip.prefHeight(Math.max(LEAST, inside));
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth() - snappedLeftInset() - snappedRightInset();
        double height = getHeight() - snappedTopInset() - snappedBottomInset();
        double side = Math.max(0, Math.min(width, height - stripHeight() - GAP));
        double left = snappedLeftInset() + Math.floor((width - side) / 2);
        board.resizeRelocate(left, snappedTopInset(), side, side);
        strip.resizeRelocate(
                snappedLeftInset(), snappedTopInset() + side + GAP, width, stripHeight());
    }

    @Override
    protected double computeMinHeight(double width) {
        return LEAST + GAP + stripHeight();
    }

    // ---- What is shown --------------------------------------------------------------------------

    /** Names openings from now on. */
    void setNames(OpeningNames value) {
        names = Optional.of(value);
        show();
    }

    private static Label label(String id, String style) {
        Label label = Widgets.label("", style);
        label.setId(id);
        return label;
    }

    private Button step(String id, String text, String says, Consumer<TreeSession> go) {
        Button button = Widgets.button(id, text, () -> desk.ifPresent(d -> go.accept(d.session())));
        button.setAccessibleText(says);
        button.setTooltip(new Tooltip(says));
        button.getStyleClass().add("sign");
        Widgets.leaveFocus(button);
        return button;
    }

    BoardView board() {
        return board;
    }

    /** Turns the board of this desk around. */
    void flip() {
        board.setFlipped(!board.isFlipped());
        desk.ifPresent(d -> turned.put(d, board.isFlipped()));
    }

    /** Shows what another desk is about. */
    void attach(Desk next) {
        attached.ifPresent(
                s -> {
                    s.currentProperty().removeListener(refresh);
                    s.revisionProperty().removeListener(refresh);
                });
        overlay.removeListener(lay);
        boolean sameDesk = desk.filter(next::equals).isPresent();
        desk = Optional.of(next);
        attached = Optional.of(next.session());
        next.session().currentProperty().addListener(refresh);
        next.session().revisionProperty().addListener(refresh);
        overlay = next.overlay();
        overlay.addListener(lay);
        board.setOverlay(overlay.getValue());
        hidden.removeListener(refresh);
        hidden = next.boardHidden();
        hidden.addListener(refresh);
        turn(next, sameDesk);
        below.getChildren().clear();
        next.underBoard().ifPresent(below.getChildren()::add);
        show();
    }

    /**
     * A desk that sees the board from a side turns it; else it is as it was turned by hand here.
     */
    private void turn(Desk next, boolean sameDesk) {
        Optional<Side> side = next.seenFrom();
        if (side.isPresent() && !(sameDesk && side.equals(seen))) {
            turned.remove(next);
        }
        seen = side;
        boolean usual = side.filter(s -> s == Side.BLACK).isPresent();
        board.setFlipped(turned.getOrDefault(next, usual));
    }

    private void show() {
        if (desk.isEmpty()) {
            return;
        }
        Desk d = desk.get();
        Node node = d.session().current();
        Position p = node.position();
        boolean shown = !hidden.getValue();
        List.of(board, material, state).forEach(n -> n.setVisible(shown));
        board.setMovable(d.isMovable());
        // Whoever solves is not told what hangs.
        boolean open = d.isOpenBook();
        boolean large = isLarge();
        danger.setVisible(open);
        danger.setManaged(open && large);
        scale.setVisible(large);
        scale.setManaged(large);
        board.show(p, Optional.of(node.move()), node.annotation().marks());
        Optional<String> name = names.flatMap(n -> n.of(node.path()));
        opening.setText(open ? name.orElse("") : "");
        MaterialBalance balance = MaterialBalance.of(p);
        points.setText(balance.points(scale.getValue()));
        words.setText(balance.words());
        state.setText(state(node, p));
        hanging.setText(Danger.words(p));
        wrap();
    }

    private static String state(Node node, Position p) {
        List<Position> played = new ArrayList<>();
        node.path().forEach(n -> played.add(n.parent().orElseThrow().position()));
        played.add(p);
        Conclusion conclusion = Conclusion.of(played);
        return conclusion == Conclusion.ONGOING
                ? Texts.of(
                        "app.to-move",
                        p.sideToMove().word(),
                        p.inCheck() ? Texts.of("app.in-check") : "")
                : conclusion.words();
    }

    // ---- What is done on the board --------------------------------------------------------------

    private void moved(int from, int to, Optional<PieceType> promotion) {
        desk.filter(Desk::isMovable).ifPresent(d -> d.session().play(from, to, promotion));
    }

    /** A line drawn with the right button; a route goes on from where the last leg ended. */
    private void drawn(int from, int to, BoardView.MenuHandler menu) {
        Mark.Meaning chosen = meaning.getValue();
        boolean open = desk.filter(Desk::isOpenBook).isPresent();
        if (from == to && (chosen.isArrow() || !open)) {
            var at = board.localToScreen(board.centreOf(to));
            menu.asked(at.getX(), at.getY());
            return;
        }
        if (!open) {
            return;
        }
        TreeSession session = desk.get().session();
        if (!chosen.isArrow()) {
            session.editor().toggleMark(session.current(), new Mark(chosen, List.of(to)));
        } else if (chosen == Mark.Meaning.ROUTE && continuesRoute(from)) {
            session.editor().toggleMark(session.current(), new Mark(chosen, route));
            route.add(to);
            session.editor().toggleMark(session.current(), new Mark(chosen, route));
        } else {
            route.clear();
            route.addAll(List.of(from, to));
            session.editor().toggleMark(session.current(), new Mark(chosen, route));
        }
    }

    private boolean continuesRoute(int from) {
        return route.size() >= 2
                && route.get(route.size() - 1) == from
                && desk.orElseThrow()
                        .session()
                        .current()
                        .annotation()
                        .marks()
                        .contains(new Mark(Mark.Meaning.ROUTE, route));
    }
}
