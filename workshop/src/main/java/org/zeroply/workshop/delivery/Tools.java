package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.spi.ToolProvider;
import java.util.stream.Stream;
import org.zeroply.workshop.command.Refusal;

/** The tools of the JDK, called so that what they say is heard when they fail. */
final class Tools {

    private Tools() {}

    /**
     * Runs {@code jlink} or {@code jpackage}.
     *
     * @throws Refusal with what it said, if it is missing or fails
     */
    static void run(String name, List<String> arguments) {
        ToolProvider tool =
                ToolProvider.findFirst(name)
                        .orElseThrow(
                                () ->
                                        new Refusal(
                                                "This Java has no "
                                                        + name
                                                        + "; a JDK 17 has it (Debian:"
                                                        + " openjdk-17-jdk-headless)."));
        StringWriter said = new StringWriter();
        PrintWriter to = new PrintWriter(said);
        if (tool.run(to, to, arguments.toArray(String[]::new)) != 0) {
            throw new Refusal(name + " failed: " + said.toString().strip());
        }
    }

    /**
     * Runs a program and waits for its end.
     *
     * @throws Refusal with the end of what it said, if it fails
     */
    static void program(List<String> command) throws IOException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            if (process.waitFor() != 0) {
                throw new Refusal(
                        command.get(0)
                                + " failed: "
                                + said.substring(Math.max(0, said.length() - 2000)).strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refusal("interrupted");
        }
    }

    /** Removes a folder with all that is in it, and makes its parent if that is missing. */
    static Path clear(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
        Files.createDirectories(folder.toAbsolutePath().getParent());
        return folder;
    }
}
