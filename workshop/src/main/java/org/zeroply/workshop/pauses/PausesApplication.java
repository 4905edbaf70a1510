package org.zeroply.workshop.pauses;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.app.ZeroPly;
import org.zeroply.desktop.work.Engines;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.library.sample.SampleLibrary;
import org.zeroply.workshop.command.Arguments;

/**
 * Uses the window for a while, on the demo club or on a library given with {@code --library}:
 * switches desks and pages, walks moves, searches, sorts, and resizes. It prints how long the
 * interface thread was held up, and by what.
 */
public final class PausesApplication extends Application {

    private static final long LIMIT = 100;
    private static final Duration STEP = Duration.millis(700);
    private static final int ROUNDS = 2;
    private static final int SHOWN = 20;

    private final Deque<Runnable> steps = new ArrayDeque<>();
    private Services services;
    private Workbench bench;
    private Stage stage;
    private InterfaceWatch watch;
    private long began;

    @Override
    public void start(Stage shown) {
        began = System.nanoTime();
        stage = shown;
        ZeroPly.loadFonts();
        String named = new Arguments(getParameters().getRaw()).value("--library", "");
        Library library = Library.open(named.isEmpty() ? fresh() : Path.of(named));
        if (named.isEmpty()) {
            SampleLibrary.unpack(library);
            began = System.nanoTime();
        }
        long opened = System.nanoTime();
        services = ZeroPly.services(library, Engines.REPEATABLE);
        bench = new Workbench(services, Clock.systemUTC());
        stage.setScene(ZeroPly.scene(bench));
        stage.show();
        System.out.printf(
                "window shown after %d ms, of which %d opening the library%n",
                (System.nanoTime() - began) / 1_000_000, (opened - began) / 1_000_000);
        watch = new InterfaceWatch(LIMIT);
        plan();
        next();
    }

    private static Path fresh() {
        try {
            return Files.createTempDirectory("zeroply-pauses").resolve("demo.zpl");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void step(String doing, Runnable what) {
        steps.add(
                () -> {
                    watch.doing(doing);
                    what.run();
                });
    }

    private void plan() {
        step("settling", () -> {});
        step("settling", () -> {});
        for (int round = 1; round <= ROUNDS; round++) {
            String when = round == 1 ? ", the first time" : "";
            for (String desk :
                    List.of(
                            "Review",
                            "Lab",
                            "Defence",
                            "Repertoire",
                            "Exercises",
                            "Solve",
                            "Students",
                            "Games")) {
                step("turning to " + desk + when, () -> bench.show(desk));
            }
            step("walking the moves" + when, () -> walk(12));
            step("searching" + when, () -> bench.games().search("a"));
            step("searching on" + when, () -> bench.games().search("ma"));
            step("all games again" + when, () -> bench.games().search(""));
            step("sorting" + when, () -> bench.runCommand("Open or shut the list of games"));
            for (double width : new double[] {1024, 1500, 1280}) {
                step("resizing to " + (int) width + when, () -> stage.setWidth(width));
            }
            step("larger text" + when, () -> bench.setTextSize(125));
            step("usual text" + when, () -> bench.setTextSize(100));
        }
    }

    private void walk(int moves) {
        for (int i = 0; i < moves; i++) {
            bench.games().session().forward();
        }
    }

    private void next() {
        if (steps.isEmpty()) {
            report();
            Platform.exit();
            return;
        }
        PauseTransition pause = new PauseTransition(STEP);
        pause.setOnFinished(
                e -> {
                    steps.remove().run();
                    next();
                });
        pause.play();
    }

    private void report() {
        List<InterfaceWatch.Pause> pauses = watch.pauses();
        System.out.printf(
                "answers: median %d ms, 99 of 100 within %d ms; %d pauses over %d ms%n",
                watch.percentile(0.5), watch.percentile(0.99), pauses.size(), LIMIT);
        for (InterfaceWatch.Pause pause : pauses.stream().limit(SHOWN).toList()) {
            System.out.printf("%d ms while %s%n", pause.millis(), pause.doing());
            pause.stack().forEach(f -> System.out.println("    " + f));
        }
    }

    @Override
    public void stop() {
        watch.close();
        services.close();
    }
}
