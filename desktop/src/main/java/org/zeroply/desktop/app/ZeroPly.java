package org.zeroply.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Engines;
import org.zeroply.desktop.work.LogBook;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.WarmUp;
import org.zeroply.desktop.work.WindowMemory;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;

/** Starts the window on a library or on the demo. */
public final class ZeroPly extends Application {

    private static final String SECOND = Texts.of("app.this-library-is-open-in");

    private static final String LIBRARIES = "libraries";

    /** The tables take both hands of a small machine, so the first minute is left to the user. */
    private static final Duration BEFORE_ENDINGS = Duration.minutes(1);

    /** Until then the window draws what it shows first. */
    private static final Duration BEFORE_WARM_UP = Duration.seconds(2);

    private Stage stage;
    private boolean demo;
    private WindowMemory memory;
    private WindowState state;
    private Optional<Services> services = Optional.empty();
    private Optional<Workbench> workbench = Optional.empty();
    private Optional<WindowLock> lock = Optional.empty();
    private final PauseTransition endingsLater = new PauseTransition(BEFORE_ENDINGS);
    private final PauseTransition warmUpSoon = new PauseTransition(BEFORE_WARM_UP);

    @Override
    public void start(Stage shown) {
        stage = shown;
        loadFonts();
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> uncaught(e));
        endingsLater.setOnFinished(e -> services.ifPresent(this::later));
        warmUpSoon.setOnFinished(e -> services.ifPresent(s -> WarmUp.begin(s.scheduler())));
        Opening wanted = Opening.of(getParameters().getRaw());
        demo = wanted.demo();
        memory =
                new WindowMemory(
                        demo
                                ? Optional.empty()
                                : Optional.of(folder().resolve("window.properties")));
        state = new WindowState(stage, memory);
        stage.getIcons().addAll(Icon.of(64), Icon.of(32));
        stage.setOnCloseRequest(
                e -> {
                    e.consume();
                    leave(Platform::exit);
                });
        boolean opened = open(demo ? temporary() : wanted.library().orElseGet(ZeroPly::home));
        state.restore();
        stage.show();
        state.insist();
        if (!opened) {
            return;
        }
        warmUpSoon.play();
        if (demo) {
            workbench.orElseThrow().unpackDemo();
        }
        if (!wanted.games().isEmpty()) {
            workbench.orElseThrow().importFiles(wanted.games());
        }
    }

    /** What is not needed to begin with. */
    private void later(Services made) {
        made.endings().start();
        if (!demo) {
            made.keepBackups();
        }
    }

    /** Opens a library in the window; false, with the reason in the window, if that cannot be. */
    private boolean open(Path file) {
        try {
            Services made =
                    new Services(Library.open(file), memory, Clock.systemUTC(), Engines.USUAL);
            made.showOutside(getHostServices()::showDocument);
            Workbench bench = new Workbench(made, Clock.systemUTC());
            bench.onLibrary(this::change);
            services = Optional.of(made);
            workbench = Optional.of(bench);
            put(bench);
            stage.setTitle(Texts.of("app.zero-ply-3", file.getFileName()));
            memory.use(LIBRARIES, file);
            bench.recall();
            endingsLater.playFromStart();
            made.watch();
            lock = Optional.of(WindowLock.of(file.toAbsolutePath()));
            if (lock.get().isSecond()) {
                made.messages().say(SECOND);
            }
            return true;
        } catch (LibraryException e) {
            System.err.println("zeroply: " + e.getMessage());
            services = Optional.empty();
            workbench = Optional.empty();
            Label message = new Label(e.getMessage());
            message.setWrapText(true);
            message.setId("start-problem");
            StackPane pane = new StackPane(message);
            pane.getStyleClass().addAll("workbench", "paper-theme", "start-problem");
            put(pane);
            stage.setTitle(Texts.of("app.zero-ply-4"));
            return false;
        }
    }

    private void put(Parent root) {
        Scene scene = scene(root);
        scene.setFill(new Looks(memory).light().palette().paper().page());
        stage.setScene(scene);
    }

    /** Another library in the place of this one, once all of this one is saved. */
    private void change(Path file, String words) {
        leave(
                () -> {
                    end();
                    if (!open(file)) {
                        memory.drop(LIBRARIES, file);
                    } else if (!words.isEmpty()) {
                        services.ifPresent(s -> s.messages().say(words));
                    }
                });
    }

    private void leave(Runnable then) {
        if (services.isPresent() && workbench.isPresent()) {
            workbench.get().askToClose(then);
        } else {
            then.run();
        }
    }

    /** What nobody looked after is told and noted, and the window goes on. */
    private void uncaught(Throwable e) {
        LogBook.note(Texts.of("app.not-looked-after"), e);
        String reason = e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        services.ifPresent(
                s ->
                        s.messages()
                                .say(
                                        Texts.of("app.something-went-wrong-what-was", reason),
                                        new Messages.Action(
                                                Texts.of("app.save-what-happened-2"),
                                                () ->
                                                        workbench.ifPresent(
                                                                Workbench::saveWhatHappened))));
    }

    /** Services for a window that remembers nothing of its looks. */
    public static Services services(Library library, Engines engines) {
        WindowMemory memory = new WindowMemory(Optional.empty());
        return new Services(library, memory, Clock.systemUTC(), engines);
    }

    /** A scene with our styles over the base ones. */
    public static Scene scene(Parent root) {
        Application.setUserAgentStylesheet(BaseStyles.sheet());
        Scene scene = new Scene(root, 1280, 800);
        if (root instanceof Workbench bench) {
            bench.looks().dress(scene);
        } else {
            scene.getStylesheets().add(Looks.sheet(100));
        }
        return scene;
    }

    /** Makes the fonts that come with the program known. */
    public static void loadFonts() {
        for (String name :
                List.of(
                        "Cabin-Regular",
                        "Cabin-Italic",
                        "Cabin-Medium",
                        "Cabin-Bold",
                        "B612-Regular",
                        "B612-Bold",
                        "B612-Italic")) {
            Font.loadFont(
                    ZeroPly.class.getResourceAsStream(
                            "/org/zeroply/desktop/fonts/" + name + ".otf"),
                    13);
        }
    }

    private static Path temporary() {
        try {
            return Files.createTempDirectory("zeroply-demo").resolve("demo.zpl");
        } catch (IOException e) {
            throw new LibraryException(
                    Texts.of("app.no-place-for-the-demo", FileTrouble.reason(e)), e);
        }
    }

    private static Path folder() {
        return Path.of(System.getProperty("user.home"), "ZeroPly");
    }

    private static Path home() {
        try {
            Files.createDirectories(folder());
        } catch (IOException e) {
            throw new LibraryException(Texts.of("app.the-folder-cannot-be-made", folder()), e);
        }
        return folder().resolve("library.zpl");
    }

    private void end() {
        try {
            workbench.ifPresent(Workbench::remember);
        } catch (LibraryException e) {
            // Where one was is not worth a window that does not close.
            LogBook.note(Texts.of("app.the-place-is-not-remembered"), e);
        } finally {
            services.ifPresent(Services::close);
            lock.ifPresent(WindowLock::close);
            lock = Optional.empty();
            workbench = Optional.empty();
            services = Optional.empty();
        }
    }

    @Override
    public void stop() {
        if (state != null) {
            state.remember();
        }
        end();
        memory.save();
    }
}
