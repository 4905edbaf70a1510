package org.zeroply.desktop.app;

import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.zeroply.desktop.work.WindowMemory;

/** Size and place of the window from one day to the next, on the screens that are there today. */
final class WindowState {

    static final double LEAST_WIDTH = 1024;
    static final double LEAST_HEIGHT = 640;
    private static final double USUAL_WIDTH = 1280;
    private static final double USUAL_HEIGHT = 800;

    /** So much of the window has to be on a screen that it can be taken hold of, in pixels. */
    private static final double HOLD = 120;

    private final Stage stage;
    private final WindowMemory memory;
    private Rectangle2D size = new Rectangle2D(0, 0, USUAL_WIDTH, USUAL_HEIGHT);

    WindowState(Stage stage, WindowMemory memory) {
        this.stage = stage;
        this.memory = memory;
    }

    /** Puts the window where it was; where that is on no screen any more, into the first one. */
    void restore() {
        Rectangle2D main = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(LEAST_WIDTH, main.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, main.getHeight()));
        Rectangle2D kept =
                new Rectangle2D(
                        memory.number("window.x").orElse(Double.MIN_VALUE),
                        memory.number("window.y").orElse(Double.MIN_VALUE),
                        memory.number("window.width").filter(w -> w > 0).orElse(USUAL_WIDTH),
                        memory.number("window.height").filter(h -> h > 0).orElse(USUAL_HEIGHT));
        Rectangle2D at =
                fitted(kept, Screen.getScreens().stream().map(Screen::getVisualBounds).toList());
        if (memory.number("window.x").isPresent()) {
            stage.setX(at.getMinX());
            stage.setY(at.getMinY());
        }
        size = at;
        stage.setWidth(at.getWidth());
        stage.setHeight(at.getHeight());
        stage.setMaximized(memory.get("window.maximised").isPresent());
    }

    /**
     * Some window managers show a window at its least size first; it is asked for its own again.
     */
    void insist() {
        if (!stage.isMaximized()) {
            stage.setWidth(size.getWidth());
            stage.setHeight(size.getHeight());
        }
    }

    /** A window of a former day on the screens of today, the first of which is the main one. */
    static Rectangle2D fitted(Rectangle2D kept, List<Rectangle2D> screens) {
        Rectangle2D home =
                screens.stream()
                        .filter(
                                s ->
                                        kept.getMinX() + HOLD < s.getMaxX()
                                                && kept.getMaxX() - HOLD > s.getMinX()
                                                && kept.getMinY() >= s.getMinY() - 1
                                                && kept.getMinY() + HOLD < s.getMaxY())
                        .findFirst()
                        .orElse(screens.get(0));
        double width = Math.min(kept.getWidth(), home.getWidth());
        double height = Math.min(kept.getHeight(), home.getHeight());
        double x = Math.max(home.getMinX(), Math.min(kept.getMinX(), home.getMaxX() - width));
        double y = Math.max(home.getMinY(), Math.min(kept.getMinY(), home.getMaxY() - height));
        return new Rectangle2D(x, y, width, height);
    }

    /** Remembers where the window is now. */
    void remember() {
        memory.put("window.maximised", stage.isMaximized() ? "yes" : "");
        if (!stage.isMaximized() && !stage.isFullScreen()) {
            memory.put("window.x", stage.getX());
            memory.put("window.y", stage.getY());
            memory.put("window.width", stage.getWidth());
            memory.put("window.height", stage.getHeight());
        }
    }
}
