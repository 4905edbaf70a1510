package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.zeroply.library.ProgramVersion;

/**
 * The image of the program and the installer of this system.
 *
 * @param kit folder with icons, file types and licences
 * @param out folder they are put into
 */
record Packages(Path kit, Path out) {

    private static final Platform PLATFORM = Platform.here();

    /** As in the script that starts what was built. */
    private static final String WINDOW_OPTIONS =
            "-XX:+UseSerialGC -Xmn32m -XX:+IgnoreUnrecognizedVMOptions"
                    + " -XX:+UseTransparentHugePages";

    private static final String COMMAND_OPTIONS =
            "-XX:+UseParallelGC -Xmn96m -XX:MinHeapFreeRatio=10 -XX:MaxHeapFreeRatio=30 -Xss8m"
                    + " -XX:+IgnoreUnrecognizedVMOptions -XX:+UseTransparentHugePages";

    /** The folder an image is in. */
    Path image() {
        return out.resolve(PLATFORM.image());
    }

    /**
     * Makes the image: the window, the command line, a runtime, and all licences.
     *
     * @param work folder for what is needed on the way
     */
    void makeImage(Materials materials, TrimmedRuntime runtime, Path work) throws IOException {
        Path input = Files.createDirectories(work.resolve("input"));
        for (Path jar : materials.program()) {
            Files.copy(jar, input.resolve(jar.getFileName()));
        }
        new Licences(kit.resolve("licences"))
                .collect(materials.foreign(), input.resolve("licences"));
        Files.copy(kit.resolveSibling("LICENSE"), input.resolve("LICENSE.txt"));
        if (Files.exists(ClassArchive.list(work))) {
            // The Debian package makes an archive of all classes out of it, ours among them, once
            // it lies in its place.
            Files.copy(ClassArchive.list(work), input.resolve("classes.lst"));
        }
        Tools.clear(image());
        List<String> arguments = new ArrayList<>(common("app-image"));
        arguments.addAll(
                List.of(
                        "--input",
                        input.toString(),
                        "--runtime-image",
                        runtime.folder().toString(),
                        "--main-jar",
                        "desktop.jar",
                        "--main-class",
                        "org.zeroply.desktop.DesktopLauncher",
                        "--java-options",
                        WINDOW_OPTIONS,
                        "--icon",
                        kit.resolve("zeroply." + PLATFORM.icon()).toString(),
                        "--add-launcher",
                        "zeroply-cli=" + commandLauncher(work)));
        Tools.run("jpackage", arguments);
    }

    /** Makes the installer out of the image, and gives its file. */
    Path makeInstaller() throws IOException {
        List<String> arguments = new ArrayList<>(common(PLATFORM.installer()));
        arguments.addAll(
                List.of(
                        "--app-image",
                        image().toString(),
                        "--license-file",
                        kit.resolveSibling("LICENSE").toString()));
        for (String type : List.of("pgn", "zpl")) {
            arguments.add("--file-associations");
            arguments.add(kit.resolve(type + ".properties").toString());
        }
        switch (PLATFORM) {
            case WINDOWS -> arguments.addAll(List.of("--win-menu", "--win-per-user-install"));
            case LINUX ->
                    arguments.addAll(
                            List.of(
                                    "--linux-shortcut",
                                    "--resource-dir",
                                    kit.resolve("linux").toString(),
                                    "--linux-menu-group",
                                    "Education;Game;BoardGame",
                                    "--linux-app-category",
                                    "education"));
            case MAC -> arguments.addAll(List.of("--mac-package-identifier", "org.zeroply"));
        }
        Tools.run("jpackage", arguments);
        try (Stream<Path> made = Files.list(out)) {
            return made.filter(p -> p.toString().endsWith("." + PLATFORM.installer()))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private List<String> common(String type) {
        return List.of(
                "--type",
                type,
                "--name",
                PLATFORM.program(),
                "--app-version",
                ProgramVersion.text(),
                "--description",
                "A workbench for chess coaches and the players they prepare",
                "--vendor",
                "Zero Ply",
                "--dest",
                out.toString());
    }

    private Path commandLauncher(Path work) throws IOException {
        Properties launcher = new Properties();
        launcher.setProperty("main-jar", "cli.jar");
        launcher.setProperty("main-class", "org.zeroply.cli.Main");
        launcher.setProperty("java-options", COMMAND_OPTIONS);
        launcher.setProperty("win-console", "true");
        Path file = work.resolve("command.properties");
        try (var to = Files.newBufferedWriter(file)) {
            launcher.store(to, null);
        }
        return file;
    }
}
