package org.zeroply.desktop.lessons;

import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.util.Duration;
import org.zeroply.chess.board.Side;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;

/**
 * What a room sees: a board as high as the screen, the question in large type, and the steps that
 * were revealed, the last of them inked.
 */
public final class ClassroomView extends Region {

    private static final double GAP = 28;

    /** The words take at least this part of the width. */
    private static final double WORDS = 0.34;

    private final ClassroomModel model;
    private final BoardView board = new BoardView();
    private final Label prompt = Widgets.wrapped("", "room-prompt");
    private final VBox rows = new VBox(10);
    private final ScrollPane scroll = new ScrollPane(rows);
    private final Label words = Widgets.wrapped("", "room-words");
    private final Label clock = Widgets.label("", "room-clock");
    private final Label count = Widgets.label("", "room-count");
    private final VBox page;
    private final Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(1), e -> tick()));
    private final ChangeListener<Number> refresh = (o, was, is) -> show();
    private Runnable onLeave = () -> {};
    private double wheel;

    public ClassroomView(ClassroomModel model, Palette palette) {
        this.model = model;
        setId("classroom");
        getStyleClass().add("classroom");
        setFocusTraversable(true);
        board.setId("classroom-board");
        board.setMovable(false);
        board.setFocusTraversable(false);
        board.setPalette(palette);
        board.setFlipped(model.seenFrom() == Side.BLACK);
        prompt.setId("classroom-prompt");
        words.setId("classroom-words");
        clock.setId("classroom-clock");
        rows.setId("classroom-rows");
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("plain-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox foot = new HBox(20, clock, Widgets.spacer(), count);
        foot.setAlignment(Pos.BASELINE_LEFT);
        page = new VBox(20, prompt, scroll, words, foot);
        getChildren().addAll(board, page);
        ticking.setCycleCount(Animation.INDEFINITE);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        addEventFilter(ScrollEvent.SCROLL, this::scrolled);
        setOnMouseClicked(e -> requestFocus());
        sceneProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is == null) {
                                ticking.stop();
                                model.stepsProperty().removeListener(refresh);
                            } else {
                                ticking.play();
                                model.stepsProperty().addListener(refresh);
                                show();
                            }
                        });
        show();
    }

    /** Calls this when somebody wants to leave. */
    public void onLeave(Runnable handler) {
        onLeave = handler;
    }

    /** Chooses the colours of the board. */
    public void setPalette(Palette palette) {
        board.setPalette(palette);
    }

    private void key(KeyEvent e) {
        if (press(e.getCode())) {
            e.consume();
        }
    }

    /** What a key does here; false if it does nothing. Clickers send Page Down and Page Up. */
    private boolean press(KeyCode code) {
        switch (code) {
            case SPACE, PAGE_DOWN, RIGHT, DOWN, ENTER -> model.reveal();
            case PAGE_UP, LEFT, UP, BACK_SPACE -> model.back();
            case F -> board.setFlipped(!board.isFlipped());
            case ESCAPE -> onLeave.run();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void scrolled(ScrollEvent e) {
        wheel += e.getDeltaY();
        if (Math.abs(wheel) >= 30) {
            if (wheel < 0) {
                model.reveal();
            } else {
                model.back();
            }
            wheel = 0;
        }
        e.consume();
    }

    private void tick() {
        clock.setText(model.time());
    }

    private void show() {
        var node = model.shown();
        board.show(node.position(), Optional.of(node.move()), node.annotation().marks());
        prompt.setText(model.prompt());
        rows.getChildren().clear();
        model.rows().forEach(r -> rows.getChildren().add(row(r)));
        words.setText(model.words());
        words.setManaged(!words.getText().isEmpty());
        count.setText(model.place());
        tick();
        scroll.setVvalue(1);
    }

    private static Node row(ClassroomModel.Row row) {
        Text before = new Text(row.before().isEmpty() ? "" : row.before() + "  ");
        Text last = new Text(row.last());
        before.getStyleClass().add(row.present() ? "room-known" : "room-past");
        last.getStyleClass().add(row.present() ? "room-present" : "room-past");
        TextFlow flow = new TextFlow(before, last);
        flow.getStyleClass().add("room-row");
        return flow;
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth() - snappedLeftInset() - snappedRightInset();
        double height = getHeight() - snappedTopInset() - snappedBottomInset();
        double left = snappedLeftInset();
        double top = snappedTopInset();
        boolean wide = width > height;
        double side =
                Math.min(height, wide ? width * (1 - WORDS) - GAP : Math.min(width, height * 0.6));
        board.resizeRelocate(left, top, side, side);
        if (wide) {
            page.resizeRelocate(left + side + GAP, top, width - side - GAP, height);
        } else {
            page.resizeRelocate(left, top + side + GAP, width, height - side - GAP);
        }
    }

    @Override
    public Orientation getContentBias() {
        return null;
    }
}
