package org.zeroply.desktop.lessons;

import java.util.ArrayList;
import java.util.List;
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
import org.zeroply.coach.lesson.Asked;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.coach.lesson.Slide;
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

    private final Projected model;
    private final BoardView board = new BoardView();
    private final BesideBoards boards;
    private final Label prompt = Widgets.wrapped("", "room-prompt");
    private final VBox rows = new VBox(10);
    private final ScrollPane scroll = new ScrollPane(rows);
    private final Label words = Widgets.wrapped("", "room-words");
    private final BesideTable table = new BesideTable("room-table");
    private final Region below = new Region();
    private final Label clock = Widgets.label("", "room-clock");
    private final Label count = Widgets.label("", "room-count");
    private final VBox page;
    private final Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(1), e -> tick()));
    private final ChangeListener<Number> refresh = (o, was, is) -> show();
    private Side seenFrom;
    private Runnable onLeave = () -> {};
    private double wheel;

    public ClassroomView(Projected model, Palette palette) {
        this.model = model;
        boards = new BesideBoards(palette);
        setId("classroom");
        getStyleClass().add("classroom");
        setFocusTraversable(true);
        board.setId("classroom-board");
        board.setMovable(false);
        board.setFocusTraversable(false);
        board.setPalette(palette);
        seenFrom = model.seenFrom();
        board.setFlipped(seenFrom == Side.BLACK);
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
        VBox.setVgrow(below, Priority.ALWAYS);
        page = new VBox(20, prompt, scroll, table, words, below, foot);
        getChildren().addAll(board, boards, page);
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
        boards.setPalette(palette);
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
        Slide slide = model.slide();
        Slide.Picture picture = slide.picture();
        board.show(picture.position(), Optional.of(picture.last()), picture.marks());
        turnToWhoeverMoves();
        boards.show(slide, board.isFlipped());
        board.setVisible(!boards.isVisible());
        requestLayout();
        prompt.setText(slide.prompt());
        prompt.setManaged(!slide.prompt().isEmpty());
        rows.getChildren().clear();
        slide.asks()
                .map(LessonStep.Stop::question)
                .ifPresent(q -> rows.getChildren().addAll(choices(q)));
        slide.rows().forEach(r -> rows.getChildren().add(row(r)));
        // Without lines the rest stands at the top, and the room is below it.
        boolean lines = !rows.getChildren().isEmpty();
        scroll.setManaged(lines);
        below.setManaged(!lines);
        table.show(slide);
        words.setText(slide.words());
        words.setManaged(!words.getText().isEmpty());
        count.setText(model.place());
        tick();
        scroll.setVvalue(1);
    }

    /** Each step of a lesson is seen from the side whose task it is, until somebody turns it. */
    private void turnToWhoeverMoves() {
        if (model.seenFrom() != seenFrom) {
            seenFrom = model.seenFrom();
            board.setFlipped(seenFrom == Side.BLACK);
        }
    }

    private static List<Node> choices(LessonQuestion question) {
        List<Node> lines = new ArrayList<>();
        boolean named = question.asked() == Asked.CHOOSE || question.asked() == Asked.PLAN;
        for (int i = 0; named && i < question.choices().size(); i++) {
            String text = (i + 1) + "   " + question.choices().get(i).text();
            lines.add(Widgets.wrapped(text, "room-choice"));
        }
        return lines;
    }

    private static Node row(RevealedLines.Row row) {
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
        boards.resizeRelocate(
                left, top, wide ? width * (1 - WORDS) - GAP : width, wide ? height : side);
        if (wide) {
            double taken = boards.isVisible() ? width * (1 - WORDS) - GAP : side;
            page.resizeRelocate(left + taken + GAP, top, width - taken - GAP, height);
        } else {
            page.resizeRelocate(left, top + side + GAP, width, height - side - GAP);
        }
    }

    @Override
    public Orientation getContentBias() {
        return null;
    }
}
