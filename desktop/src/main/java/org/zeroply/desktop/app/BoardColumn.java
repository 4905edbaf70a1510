package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.balance.Hanging;
import org.zeroply.coach.balance.MaterialBalance;
import org.zeroply.coach.balance.MaterialScale;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.TreeSession;

/** The board with what belongs under it; it keeps its place while desks change. */
final class BoardColumn extends VBox {

    private final BoardView board = new BoardView();
    private final Label points = label("balance-points", "balance-points");
    private final Label words = label("balance-words", "balance-words");
    private final Label state = label("position-state", "faded");
    private final Label hanging = label("hanging", "faded");
    private final Label opening = label("opening-name", "plain");
    private final ComboBox<MaterialScale> scale = new ComboBox<>();
    private final ComboBox<Mark.Meaning> meaning = new ComboBox<>();
    private final List<Integer> route = new ArrayList<>();
    private final HBox drawing;
    private final HBox material = new HBox(10);
    private final VBox below = new VBox();
    private final InvalidationListener refresh = o -> show();
    private Optional<OpeningNames> names = Optional.empty();
    private Optional<Desk> desk = Optional.empty();
    private Optional<TreeSession> attached = Optional.empty();
    private ObservableValue<BoardOverlay> overlay = new ReadOnlyObjectWrapper<>(BoardOverlay.NONE);
    private ObservableValue<Boolean> hidden = new ReadOnlyObjectWrapper<>(false);
    private final InvalidationListener hide = o -> show();
    private final InvalidationListener lay = o -> board.setOverlay(overlay.getValue());

    BoardColumn() {
        getStyleClass().add("board-column");
        board.setPrefSize(470, 470);
        board.setMinSize(470, 470);
        board.onMove(this::moved);
        board.onDraw(this::drawn);
        board.onPress(square -> desk.ifPresent(d -> d.pressed(square)));
        scale.setId("material-scale");
        scale.getItems().addAll(MaterialScale.values());
        scale.setValue(MaterialScale.SCHOOL);
        Widgets.texts(scale, item -> item.label());
        scale.valueProperty().addListener(refresh);
        meaning.setId("mark-meaning");
        meaning.getItems().addAll(Mark.Meaning.values());
        meaning.setValue(Mark.Meaning.IDEA);
        Widgets.texts(meaning, item -> item.word());
        meaning.valueProperty().addListener(o -> route.clear());
        Button back = step("step-back", "‹", "One move back", TreeSession::back);
        Button on = step("step-on", "›", "One move on", TreeSession::forward);
        Button start = step("to-start", "«", "To the start", TreeSession::toStart);
        Button end = step("to-end", "»", "To the end of the line", TreeSession::toEnd);
        HBox steps = new HBox(6, start, back, on, end, spacer(), state);
        steps.getStyleClass().add("bar");
        material.getChildren().addAll(points, words, spacer(), scale);
        material.getStyleClass().add("bar");
        drawing = new HBox(8, new Label("Right button draws"), meaning);
        drawing.getStyleClass().add("bar");
        hanging.setWrapText(true);
        hanging.setMinHeight(20);
        words.setWrapText(true);
        points.setMinWidth(USE_PREF_SIZE);
        scale.setMinWidth(116);
        opening.setWrapText(true);
        opening.managedProperty().bind(opening.visibleProperty());
        getChildren().addAll(board, steps, opening, material, hanging, drawing, below);
    }

    /** Names openings from now on. */
    void setNames(OpeningNames value) {
        names = Optional.of(value);
        show();
    }

    private static Label label(String id, String style) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add(style);
        return label;
    }

    private static Region spacer() {
        Region region = new Region();
        HBox.setHgrow(region, javafx.scene.layout.Priority.ALWAYS);
        return region;
    }

    private Button step(
            String id, String text, String says, java.util.function.Consumer<TreeSession> go) {
        Button button = new Button(text);
        button.setId(id);
        button.setAccessibleText(says);
        button.getStyleClass().add("sign");
        button.setFocusTraversable(false);
        button.setOnAction(e -> desk.ifPresent(d -> go.accept(d.session())));
        return button;
    }

    BoardView board() {
        return board;
    }

    /** Shows what another desk is about. */
    void attach(Desk next) {
        attached.ifPresent(
                s -> {
                    s.currentProperty().removeListener(refresh);
                    s.revisionProperty().removeListener(refresh);
                });
        overlay.removeListener(lay);
        desk = Optional.of(next);
        attached = Optional.of(next.session());
        next.session().currentProperty().addListener(refresh);
        next.session().revisionProperty().addListener(refresh);
        overlay = next.overlay();
        overlay.addListener(lay);
        board.setOverlay(overlay.getValue());
        hidden.removeListener(hide);
        hidden = next.boardHidden();
        hidden.addListener(hide);
        next.seenFrom().ifPresent(side -> board.setFlipped(side == Side.BLACK));
        below.getChildren().clear();
        next.underBoard().ifPresent(below.getChildren()::add);
        show();
    }

    private void show() {
        if (desk.isEmpty()) {
            return;
        }
        Desk d = desk.get();
        Node node = d.session().current();
        Position p = node.position();
        Optional<org.zeroply.chess.board.Move> move =
                node.isRoot() ? Optional.empty() : Optional.of(node.move());
        boolean shown = !hidden.getValue();
        List.of(board, material, state).forEach(n -> n.setVisible(shown));
        board.setMovable(d.isMovable());
        drawing.setVisible(d.isOpenBook());
        // Whoever solves is not told what hangs.
        hanging.setVisible(d.isOpenBook());
        board.show(p, move, node.annotation().marks());
        Optional<String> name = names.flatMap(n -> n.of(node.path()));
        opening.setText(name.orElse(""));
        opening.setVisible(d.isOpenBook() && name.isPresent());
        MaterialBalance balance = MaterialBalance.of(p);
        points.setText(balance.points(scale.getValue()));
        words.setText(balance.words());
        state.setText(state(node, p));
        List<Hanging> danger = Hanging.in(p).stream().filter(Hanging::isInDanger).limit(3).toList();
        hanging.setText(
                danger.isEmpty()
                        ? "Nothing hangs."
                        : danger.stream()
                                .map(Hanging::text)
                                .collect(Collectors.joining(", ", "Hanging: ", ".")));
    }

    private static String state(Node node, Position p) {
        List<Position> played = new ArrayList<>();
        node.path().forEach(n -> played.add(n.parent().orElseThrow().position()));
        played.add(p);
        Conclusion conclusion = Conclusion.of(played);
        return conclusion == Conclusion.ONGOING
                ? p.sideToMove().word() + " to move" + (p.inCheck() ? ", in check" : "")
                : conclusion.words();
    }

    private void moved(int from, int to) {
        desk.filter(Desk::isMovable).ifPresent(d -> d.session().play(from, to));
    }

    /** A line drawn with the right button; a route goes on from where the last leg ended. */
    private void drawn(int from, int to) {
        if (desk.filter(Desk::isOpenBook).isEmpty()) {
            return;
        }
        TreeSession session = desk.get().session();
        Mark.Meaning chosen = meaning.getValue();
        if (!chosen.isArrow()) {
            session.editor().toggleMark(session.current(), new Mark(chosen, List.of(to)));
        } else if (from != to && chosen == Mark.Meaning.ROUTE && continuesRoute(from)) {
            session.editor().toggleMark(session.current(), new Mark(chosen, route));
            route.add(to);
            session.editor().toggleMark(session.current(), new Mark(chosen, route));
        } else if (from != to) {
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
