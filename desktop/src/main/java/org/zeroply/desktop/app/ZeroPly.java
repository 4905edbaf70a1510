package org.zeroply.desktop.app;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import org.zeroply.desktop.work.Background;
import org.zeroply.desktop.work.EndingsMaker;
import org.zeroply.desktop.work.EngineSettings;
import org.zeroply.desktop.work.ExerciseSearch;
import org.zeroply.desktop.work.LiveAnalysis;
import org.zeroply.desktop.work.ReviewQueue;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;

/** Starts the window on a library or on the demo. */
public final class ZeroPly extends Application {

    private Services services;
    private Workbench workbench;

    @Override
    public void start(Stage stage) {
        loadFonts();
        List<String> arguments = getParameters().getRaw();
        String command = arguments.isEmpty() ? "desktop" : arguments.get(0);
        try {
            open(stage, command, arguments);
        } catch (LibraryException e) {
            System.err.println("zeroply: " + e.getMessage());
            Label message = new Label(e.getMessage());
            message.setWrapText(true);
            message.setId("start-problem");
            StackPane pane = new StackPane(message);
            pane.getStyleClass().addAll("workbench", "paper-theme", "start-problem");
            stage.setScene(scene(pane));
            stage.setTitle("Zero Ply");
            stage.show();
        }
    }

    private void open(Stage stage, String command, List<String> arguments) {
        boolean demo = !command.equals("desktop");
        String named = command.equals("desktop") && arguments.size() > 1 ? arguments.get(1) : "";
        boolean pgn = named.toLowerCase(Locale.ROOT).endsWith(".pgn");
        Path file = demo ? temporary() : named.isEmpty() || pgn ? home() : Path.of(named);
        services = services(Library.open(file), false);
        workbench = new Workbench(services, Clock.systemUTC());
        stage.setScene(scene(workbench));
        stage.setTitle("Zero Ply");
        stage.show();
        if (demo) {
            workbench.unpackDemo();
        } else if (pgn) {
            workbench.importFiles(List.of(Path.of(named)));
        } else {
            services.library().settings().get("desk").ifPresent(workbench::show);
        }
        services.endings().start();
    }

    /**
     * Services for a window; with fixed limits the live analysis gives the same picture each time,
     * and no tables of endings are made.
     */
    public static Services services(Library library, boolean fixedLimits) {
        Limits limits = fixedLimits ? Limits.nodes(150_000) : Limits.NONE;
        EndingTables tables = EndingTables.ofUser();
        Endings endings = fixedLimits ? Endings.NONE : tables;
        EngineSettings settings = EngineSettings.load(library.settings());
        return new Services(
                library,
                new Background(),
                new LiveAnalysis(settings, endings, limits),
                new BuiltInEngine(32, Weights.shipped(), endings),
                new EndingsMaker(tables),
                new ReviewQueue(library, new BuiltInEngine(16, Weights.shipped(), endings)),
                new ExerciseSearch(
                        library, new BuiltInEngine(16, Weights.shipped(), endings), endings),
                List.of(
                        new BuiltInEngine(16, Weights.shipped(), endings),
                        new BuiltInEngine(16, Weights.shipped(), endings)));
    }

    /** A scene with our styles over the base ones. */
    public static Scene scene(javafx.scene.Parent root) {
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        Scene scene = new Scene(root, 1280, 800);
        scene.getStylesheets()
                .add(
                        ZeroPly.class
                                .getResource("/org/zeroply/desktop/workbook.css")
                                .toExternalForm());
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
            throw new LibraryException("No place for the demo: " + e.getMessage(), e);
        }
    }

    private static Path home() {
        Path folder = Path.of(System.getProperty("user.home"), "ZeroPly");
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new LibraryException("The folder " + folder + " cannot be made.", e);
        }
        return folder.resolve("library.zpl");
    }

    @Override
    public void stop() {
        if (workbench != null) {
            workbench.flush();
            services.library().settings().put("desk", workbench.frontName());
            services.close();
        }
    }
}
