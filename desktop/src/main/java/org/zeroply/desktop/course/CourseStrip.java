package org.zeroply.desktop.course;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.drawing.CoursePlot;
import org.zeroply.library.drawing.Ink;

/**
 * The course of a game to go about in: a click, or the arrow keys once it has the focus, goes to a
 * move.
 */
public final class CourseStrip extends Region {

    private static final double GUTTER = 30;
    private static final double EDGE = 10;

    private final Canvas canvas = new Canvas();
    private final IntConsumer go;
    private Optional<CoursePlot> plot = Optional.empty();
    private Palette palette = Palette.PAPER;
    private int ply;

    /**
     * @param go told of the ply to go to, 0 for the start
     */
    public CourseStrip(IntConsumer go) {
        this.go = go;
        setId("course-strip");
        getStyleClass().add("course-strip");
        setMinHeight(136);
        setPrefHeight(136);
        setMaxHeight(136);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(Texts.of("course.course-of-the-game"));
        getChildren().add(canvas);
        setOnMouseClicked(
                e -> {
                    requestFocus();
                    double width = getWidth() - GUTTER - EDGE;
                    plot.ifPresent(p -> go.accept(p.plyAt((e.getX() - GUTTER) / width)));
                });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener(o -> draw());
    }

    private void key(KeyEvent e) {
        int by = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (plot.isPresent() && by != 0 && !e.isShortcutDown()) {
            go.accept(Math.max(0, ply + by));
            e.consume();
        }
    }

    /** Shows a game, with its moments numbered in this order; nothing clears the strip. */
    public void show(Optional<GameReview> review, List<Moment> moments) {
        plot = review.map(r -> new CoursePlot(r, moments));
        draw();
    }

    /** Puts the caret at a ply. */
    public void at(int now) {
        ply = now;
        setAccessibleText(
                Texts.of(
                        "course.course-of-the-game-after",
                        now,
                        plot.flatMap(p -> p.expected(now))
                                .map(
                                        x ->
                                                Texts.of(
                                                        "course.white-expects-of-100",
                                                        Math.round(100 * x)))
                                .orElse("")));
        draw();
    }

    /** Chooses the colours. */
    public void setPalette(Palette value) {
        palette = value;
        draw();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private void draw() {
        var g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (plot.isEmpty() || getWidth() < GUTTER + EDGE) {
            return;
        }
        FxPen pen = new FxPen(g, palette);
        double width = getWidth() - GUTTER - EDGE;
        double height = getHeight() - 14;
        double at = GUTTER + width * plot.get().part(ply);
        pen.rectangle(at - 3, 4, 6, height + 8, Ink.SHADE);
        pen.line(List.of(at, 4.0, at, height + 12), Ink.COACH, isFocused() ? 2 : 1, false);
        plot.get().draw(pen, GUTTER, 6, width, height);
    }
}
