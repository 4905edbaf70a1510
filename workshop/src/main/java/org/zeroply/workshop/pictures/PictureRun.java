package org.zeroply.workshop.pictures;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import org.zeroply.desktop.app.Workbench;

/** Steps one after the other in the running window, some of which take a picture of it. */
abstract class PictureRun {

    /** Some nine minutes, for machines that have other work. */
    private static final int MOST_WAITS = 300;

    private static final Duration SETTLE = Duration.millis(1800);

    final Workbench bench;
    private final Path folder;
    private final Deque<Runnable> steps = new ArrayDeque<>();
    private final List<String> views = new ArrayList<>();

    /** Whether pictures are taken that are only to be looked at while working. */
    boolean details;

    PictureRun(Workbench bench, Path folder) {
        this.bench = bench;
        this.folder = folder;
    }

    final void key(KeyCode code) {
        Node focused = bench.getScene().getFocusOwner();
        KeyEvent event =
                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false);
        focused.fireEvent(event);
    }

    final void step(Runnable step) {
        steps.add(step);
    }

    /** Waits until something is so; a picture of what is not there yet would be a false one. */
    final void until(BooleanSupplier condition) {
        steps.add(() -> await(condition, MOST_WAITS));
    }

    private void await(BooleanSupplier condition, int waits) {
        if (condition.getAsBoolean()) {
            return;
        }
        if (waits == 0) {
            throw new IllegalStateException("what is to be seen after " + views + " did not come");
        }
        steps.addFirst(() -> await(condition, waits - 1));
    }

    final void shot(String name) {
        steps.add(() -> save(name));
    }

    /** A picture to look at while working, not one for the documents. */
    final void detail(String name) {
        if (details) {
            shot(name);
        }
    }

    final void next() {
        if (steps.isEmpty()) {
            System.out.println(
                    "{\"views\": " + views.stream().map(v -> '"' + v + '"').toList() + "}");
            Platform.exit();
            return;
        }
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(
                e -> {
                    try {
                        steps.remove().run();
                        next();
                    } catch (RuntimeException failure) {
                        failure.printStackTrace();
                        System.exit(1);
                    }
                });
        pause.play();
    }

    private void save(String name) {
        try {
            Files.createDirectories(folder);
            ImageIO.write(
                    SwingFXUtils.fromFXImage(bench.getScene().snapshot(null), null),
                    "png",
                    folder.resolve(name + ".png").toFile());
            views.add(name);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    final String text(String id) {
        return ((Labeled) bench.lookup(id)).getText();
    }

    final void press(String id) {
        ((Button) bench.lookup(id)).fire();
    }

    final void toggle(String id) {
        ((ToggleButton) bench.lookup(id)).fire();
    }

    final void select(String id, int row) {
        ((TableView<?>) bench.lookup(id)).getSelectionModel().select(row);
    }
}
