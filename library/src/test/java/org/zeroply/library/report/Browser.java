package org.zeroply.library.report;

import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A real browser without a window. */
final class Browser {

    private static Optional<Boolean> runs = Optional.empty();

    private Browser() {}

    private static Optional<String> program() {
        return Stream.of(System.getenv("PATH").split(File.pathSeparator))
                .map(p -> Path.of(p, "chromium"))
                .filter(Files::isExecutable)
                .map(Path::toString)
                .findFirst();
    }

    /** Leaves a test out where there is no browser that runs. */
    static void assumeThere(Path folder) throws IOException, InterruptedException {
        assumeThat(program()).as("a browser named chromium").isPresent();
        assumeThat(runs(folder)).as("a browser that runs").isTrue();
    }

    /** To start one takes more than a second: it is tried once. */
    private static synchronized boolean runs(Path folder) throws IOException, InterruptedException {
        if (runs.isEmpty()) {
            runs = Optional.of(opened("<title>probe</title>", folder).contains("probe"));
        }
        return runs.get();
    }

    /** The page as the browser has it after its scripts, if there were any, have run. */
    static String opened(String html, Path folder) throws IOException, InterruptedException {
        Path page = Files.writeString(folder.resolve("page.html"), html);
        Path dom = folder.resolve("dom.html");
        Process process =
                new ProcessBuilder(
                                program().orElseThrow(),
                                "--headless",
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-dev-shm-usage",
                                "--disable-background-networking",
                                "--user-data-dir=" + folder.resolve("profile"),
                                "--dump-dom",
                                page.toUri().toString())
                        .redirectOutput(dom.toFile())
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
        if (!process.waitFor(2, TimeUnit.MINUTES)) {
            process.destroyForcibly();
        }
        return Files.readString(dom);
    }
}
