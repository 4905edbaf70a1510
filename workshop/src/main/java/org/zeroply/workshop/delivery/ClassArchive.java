package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.zeroply.workshop.command.Program;
import org.zeroply.workshop.command.Refusal;

/**
 * What the classes of Java and JavaFX come to that a window needs, kept beside the runtime so that
 * a start does not read them anew (class-data sharing). Ours are not in it: an archive of those
 * holds for one place on the disk, and the package may be unpacked anywhere.
 */
final class ClassArchive {

    private static final int MOST_SECONDS = 60;

    /** So long nothing new is loaded once the window is there. Our choice. */
    private static final int QUIET_SECONDS = 5;

    private final TrimmedRuntime runtime;
    private final String classPath;

    ClassArchive(TrimmedRuntime runtime, List<Path> program) {
        this.runtime = runtime;
        this.classPath = Tools.path(program);
    }

    /** Whether a window can be opened here, out of which the classes are read. */
    static boolean isPossible(Map<String, String> environment) {
        return Platform.here() != Platform.LINUX || environment.containsKey("DISPLAY");
    }

    /** The names of what a window loads. */
    static Path list(Path work) {
        return work.resolve("classes.lst");
    }

    /**
     * Opens the window on the demo, notes what it loads, and makes the archive.
     *
     * @param work folder for what is needed on the way
     */
    void make(Path work) throws IOException {
        Path list = list(work);
        Files.deleteIfExists(list);
        Path home = Files.createDirectories(work.resolve("home"));
        Process window =
                new ProcessBuilder(
                                runtime.java().toString(),
                                "-Xshare:off",
                                "-XX:DumpLoadedClassList=" + list,
                                "-Dprism.order=sw",
                                "-Duser.home=" + home,
                                "-cp",
                                classPath,
                                "org.zeroply.desktop.DesktopLauncher",
                                "demo")
                        .redirectErrorStream(true)
                        .redirectOutput(work.resolve("window.log").toFile())
                        .start();
        try {
            awaitQuiet(window, list);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refusal("interrupted");
        } finally {
            window.destroy();
            window.onExit().join();
        }
        Program.output(
                work,
                List.of(
                        runtime.java().toString(),
                        "-Xshare:dump",
                        "-XX:SharedClassListFile=" + list));
    }

    private static void awaitQuiet(Process window, Path list)
            throws IOException, InterruptedException {
        long before = -1;
        int quiet = 0;
        for (int second = 0; second < MOST_SECONDS && quiet < QUIET_SECONDS; second++) {
            if (window.waitFor(1, TimeUnit.SECONDS)) {
                throw new Refusal(
                        "The window closed at once; see " + list.resolveSibling("window.log"));
            }
            long size = Files.exists(list) ? Files.size(list) : -1;
            quiet = size > 0 && size == before ? quiet + 1 : 0;
            before = size;
        }
    }
}
