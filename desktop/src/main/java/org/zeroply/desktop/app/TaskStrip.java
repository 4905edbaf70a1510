package org.zeroply.desktop.app;

import java.time.Duration;
import javafx.animation.PauseTransition;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Scheduler;
import org.zeroply.desktop.work.Task;

/**
 * The longer work that goes on, at the foot of the page where its result will appear: how far it
 * is, how long it will take, and a way to stop it. It shows itself once the work has lasted a
 * moment.
 */
final class TaskStrip extends HBox {

    private static final javafx.util.Duration MOMENT = javafx.util.Duration.millis(400);

    /** Below this part an estimate would jump about. */
    private static final double TOLD_FROM = 0.05;

    private final Label doing = Widgets.label("", "plain");
    private final Label left = Widgets.label("", "faded");
    private final ProgressBar bar = new ProgressBar();
    private final PauseTransition moment = new PauseTransition(MOMENT);
    private final ChangeListener<Number> advance = (o, was, is) -> estimate(is.doubleValue());
    private long began;

    TaskStrip(Scheduler scheduler) {
        super(10);
        setId("task-strip");
        getStyleClass().add("task-strip");
        setAlignment(Pos.CENTER_LEFT);
        doing.setMinWidth(0);
        left.setMinWidth(USE_PREF_SIZE);
        bar.setMinWidth(90);
        Button cancel = Widgets.button("cancel-task", Texts.of("app.cancel"), scheduler::cancel);
        getChildren().addAll(doing, Widgets.spacer(), left, bar, cancel);
        managedProperty().bind(visibleProperty());
        setVisible(false);
        moment.setOnFinished(e -> setVisible(scheduler.isBusy()));
        scheduler.shownProperty().addListener((o, was, is) -> show(was, is));
    }

    private void show(Task<?> was, Task<?> is) {
        if (was != null) {
            was.progressProperty().removeListener(advance);
        }
        bar.progressProperty().unbind();
        if (is == null) {
            moment.stop();
            setVisible(false);
            return;
        }
        began = System.nanoTime();
        doing.setText(is.name() + " …");
        left.setText("");
        bar.progressProperty().bind(is.progressProperty());
        is.progressProperty().addListener(advance);
        moment.playFromStart();
    }

    private void estimate(double part) {
        if (part < TOLD_FROM) {
            return;
        }
        double spent = System.nanoTime() - began;
        Duration rest = Duration.ofNanos((long) (spent * (1 - part) / part));
        left.setText(words(rest));
    }

    /** A time to go, as roughly as it is known. */
    static String words(Duration rest) {
        if (rest.toMinutes() >= 2) {
            return Texts.of("app.about-minutes-left", rest.toMinutes());
        }
        long seconds = Math.max(1, rest.toSeconds());
        return Texts.of(
                "app.about",
                seconds,
                seconds == 1 ? Texts.of("app.second-left") : Texts.of("app.seconds-left"));
    }
}
