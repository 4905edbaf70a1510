package org.zeroply.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.zeroply.desktop.lessons.ClassroomPage;
import org.zeroply.desktop.lessons.ClassroomView;
import org.zeroply.desktop.lessons.Projected;
import org.zeroply.desktop.texts.Texts;

/**
 * Lessons for a whole room: over all of this window, or in a window of its own for the projector.
 */
final class Rooms implements ClassroomPage.Shower {

    private final Workbench bench;
    private Optional<ClassroomView> over = Optional.empty();
    private Optional<Stage> apart = Optional.empty();
    private boolean wasFull;

    /** Whoever leaves the full screen by its own key leaves the lesson too. */
    private final ChangeListener<Boolean> small =
            (o, was, is) -> {
                if (!is) {
                    leave();
                }
            };

    Rooms(Workbench bench) {
        this.bench = bench;
    }

    /** Whether a lesson lies over this window. */
    boolean isOpen() {
        return over.isPresent();
    }

    @Override
    public void here(Projected lesson) {
        leave();
        ClassroomView view = new ClassroomView(lesson, bench.looks().light().palette());
        view.onLeave(this::leave);
        over = Optional.of(view);
        bench.getChildren().add(view);
        stage().ifPresent(
                        s -> {
                            wasFull = s.isFullScreen();
                            s.setFullScreenExitHint("");
                            s.setFullScreen(true);
                            s.fullScreenProperty().addListener(small);
                        });
        view.requestFocus();
    }

    private Optional<Stage> stage() {
        Window window = bench.getScene().getWindow();
        return window instanceof Stage s ? Optional.of(s) : Optional.empty();
    }

    /** Goes back to the desks. */
    void leave() {
        if (over.isEmpty()) {
            return;
        }
        bench.getChildren().remove(over.get());
        over = Optional.empty();
        stage().ifPresent(s -> s.fullScreenProperty().removeListener(small));
        stage().filter(Stage::isFullScreen).ifPresent(s -> s.setFullScreen(wasFull));
        bench.focusBoard();
    }

    @Override
    public void apart(Projected lesson) {
        apart.ifPresent(Stage::close);
        Looks.Light light = bench.looks().light();
        Looks.Light shown = light == Looks.Light.LAMP ? light : Looks.Light.PROJECTOR;
        ClassroomView view = new ClassroomView(lesson, shown.palette());
        StackPane root = new StackPane(view);
        root.getStyleClass().addAll("workbench", shown.style());
        Stage stage = new Stage();
        Scene scene = new Scene(root, 1024, 720, shown.palette().paper().page());
        scene.getStylesheets().setAll(Looks.sheet(bench.looks().percent()));
        stage.setScene(scene);
        stage.setTitle(Texts.of("app.zero-ply-classroom"));
        stage.getIcons().addAll(Icon.of(64), Icon.of(32));
        view.onLeave(stage::close);
        List<Screen> screens = Screen.getScreens();
        screens.stream()
                .filter(
                        s ->
                                stage().filter(m -> !s.getBounds().contains(m.getX(), m.getY()))
                                        .isPresent())
                .findFirst()
                .ifPresent(
                        s -> {
                            Rectangle2D at = s.getVisualBounds();
                            stage.setX(at.getMinX());
                            stage.setY(at.getMinY());
                            stage.setWidth(at.getWidth());
                            stage.setHeight(at.getHeight());
                            stage.setFullScreen(true);
                        });
        stage.setOnHidden(e -> apart = Optional.empty());
        apart = Optional.of(stage);
        stage.show();
        view.requestFocus();
    }
}
