package org.zeroply.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.stream.IntStream;
import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.SheetStore;

/** A sheet draws anew only what changed, and shows what one drawn from nothing would. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class LineSheetViewTest {

    private static final String GAME =
            "1. e4 e5 2. Nf3 Nc6 3. Bb5 (3. Bc4 Bc5 4. c3) a6 4. Ba4 Nf6 5. O-O Be7 *\n";

    private final TreeSession session = new TreeSession();
    private final List<SheetColumn> columns =
            List.of(new SheetColumn("Moves", "how many", 60, own -> own.size() + " moves"));
    private final StackPane behind = new StackPane();
    private LineSheetView sheet;

    @Start
    void start(Stage stage) {
        session.open(SheetStore.parse(GAME), OptionalLong.empty());
        sheet = new LineSheetView(session, columns);
        StackPane both = new StackPane(behind, sheet);
        // In whatever styles other tests have left behind.
        both.setStyle("-fx-font-size: 13px;");
        stage.setScene(new Scene(both, 700, 500));
        stage.show();
    }

    private static List<javafx.scene.Node> drawn(LineSheetView view) {
        return ((Parent) view.getContent()).getChildrenUnmodifiable();
    }

    /** All that can be seen: texts, looks and places, from top to bottom. */
    private static List<String> seen(javafx.scene.Node node) {
        List<String> all = new ArrayList<>();
        if (node instanceof Label label && !label.getText().isEmpty()) {
            all.add(
                    "%s %s %.0f,%.0f"
                            .formatted(
                                    label.getText(),
                                    label.getStyleClass(),
                                    label.getLayoutX(),
                                    label.getLayoutY()));
        } else if (node instanceof BalanceStrip strip) {
            all.add(strip.getAccessibleText());
        }
        if (node instanceof Parent parent && !(node instanceof Label)) {
            parent.getChildrenUnmodifiable().forEach(n -> all.addAll(seen(n)));
        }
        return all;
    }

    private List<String> fromNothing() {
        LineSheetView fresh = new LineSheetView(session, columns);
        behind.getChildren().setAll(fresh);
        layOut();
        fresh.refresh();
        return laidOut(fresh);
    }

    private void layOut() {
        sheet.getScene().getRoot().applyCss();
        sheet.getScene().getRoot().layout();
    }

    private List<String> laidOut(LineSheetView view) {
        layOut();
        return seen(view.getContent());
    }

    private void edit(Random random) {
        TreeEditor editor = session.editor();
        List<Node> nodes = session.tree().nodes();
        Node node = nodes.get(random.nextInt(nodes.size()));
        // Nothing but a move can be made of the start.
        switch (node.isRoot() ? 7 : random.nextInt(8)) {
            case 0 -> editor.comment(node, "said " + random.nextInt(3));
            case 1 -> editor.verdict(node, Optional.of(Verdict.values()[random.nextInt(9)]));
            case 2 ->
                    editor.annotate(
                            node,
                            a -> a.withCheck(Optional.of(new EngineCheck(false, 30, 9, 9, "zp"))));
            case 3 -> editor.grade(node, 1 + random.nextInt(6));
            case 4 -> session.undo();
            case 5 -> editor.delete(node);
            case 6 -> editor.promote(node);
            default -> {
                List<Move> moves = node.position().legalMoves();
                if (!moves.isEmpty()) {
                    editor.add(node, moves.get(random.nextInt(moves.size())));
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void after_any_edits_it_shows_what_one_drawn_from_nothing_does(long seed, FxRobot robot) {
        Random random = new Random(seed);
        for (int i = 0; i < 25; i++) {
            robot.interact(
                    () -> {
                        edit(random);
                        assertThat(laidOut(sheet)).isEqualTo(fromNothing());
                    });
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {420, 560, 900})
    void columns_in_words_give_way_so_that_none_stands_outside(double width, FxRobot robot) {
        SheetColumn wide = new SheetColumn("Why", "why", 200, true, own -> "because of this");
        SheetColumn narrow = new SheetColumn("Holds?", "holds", 60, true, own -> "holds");
        LineSheetView wordy = new LineSheetView(session, List.of(narrow, wide));
        robot.interact(
                () -> {
                    wordy.setMaxWidth(width);
                    behind.getChildren().setAll(wordy);
                    layOut();
                    wordy.refresh();
                    layOut();
                });
        double inside = wordy.getViewportBounds().getWidth();
        assertThat(wordy.lookupAll(".sheet-column"))
                .isNotEmpty()
                .allMatch(n -> n.getBoundsInParent().getMaxX() <= inside);
        assertThat(wordy.lookupAll(".sheet-column").stream().map(n -> (Label) n))
                .filteredOn(l -> l.getText().equals("holds"))
                .allMatch(l -> l.getWidth() >= 59);
    }

    private List<Integer> drawnAnew(FxRobot robot, Runnable change) {
        List<javafx.scene.Node> before = List.copyOf(drawn(sheet));
        robot.interact(change);
        List<javafx.scene.Node> after = drawn(sheet);
        return IntStream.range(0, after.size())
                .filter(i -> after.get(i) instanceof HBox && !before.contains(after.get(i)))
                .boxed()
                .toList();
    }

    @Test
    void a_change_draws_its_own_row_and_leaves_the_others_alone(FxRobot robot) {
        Node side = session.tree().root().mainLineEnd().path().get(3).children().get(1);
        assertThat(drawnAnew(robot, () -> session.go(side))).as("walking").isEmpty();
        assertThat(drawnAnew(robot, () -> session.editor().grade(side, 1))).hasSize(1);
        assertThat(drawnAnew(robot, sheet::refresh)).as("nothing new").isEmpty();
    }

    @Test
    void where_the_board_stands_is_read_out(FxRobot robot) {
        assertThat(sheet.getAccessibleText()).isEqualTo("Line sheet, at the start");
        robot.interact(() -> session.go(session.tree().mainLine().get(5)));
        assertThat(sheet.getAccessibleText()).isEqualTo("Line sheet, at 3...a6");
        assertThat(sheet.isFocusTraversable()).isTrue();
    }

    private SheetMove move(String san) {
        return sheet.lookupAll(".sheet-move").stream()
                .filter(SheetMove.class::isInstance)
                .map(SheetMove.class::cast)
                .filter(m -> m.getText().startsWith(san))
                .findFirst()
                .orElseThrow();
    }

    private static Object told(SheetMove move, AccessibleAttribute attribute) {
        return move.queryAccessibleAttribute(attribute);
    }

    @Test
    void who_is_read_to_hears_a_move_and_can_press_it(FxRobot robot) {
        Node castles = session.tree().mainLine().get(8);
        TreeEditor editor = session.editor();
        robot.interact(
                () -> {
                    editor.grade(castles, Nag.GOOD);
                    editor.verdict(castles, Optional.of(Verdict.EQUAL));
                    editor.comment(castles, "The king is safe.");
                });
        assertThat(move("O-O").getAccessibleRole()).isEqualTo(AccessibleRole.BUTTON);
        assertThat(told(move("O-O"), AccessibleAttribute.TEXT))
                .isEqualTo("5.O-O!, " + Verdict.EQUAL.words() + ". The king is safe.");
        assertThat(told(move("O-O"), AccessibleAttribute.SELECTED)).isEqualTo(false);
        robot.interact(() -> move("O-O").executeAccessibleAction(AccessibleAction.FIRE));
        assertThat(session.current()).isEqualTo(castles);
        assertThat(told(move("O-O"), AccessibleAttribute.SELECTED)).isEqualTo(true);
        robot.interact(session::toStart);
        assertThat(told(move("O-O"), AccessibleAttribute.SELECTED)).isEqualTo(false);
    }
}
