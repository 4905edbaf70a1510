package org.zeroply.workshop.command;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;

/** Other programs that are run to their end. */
public final class Program {

    /** So much of what a program said is told when it fails, from the end. */
    private static final int TOLD = 2000;

    private Program() {}

    /**
     * Runs a program and gives what it said on both streams.
     *
     * @param folder it is run in
     * @throws Refusal with the end of what it said, if it fails
     */
    public static String output(Path folder, List<String> command) throws IOException {
        Process process =
                new ProcessBuilder(command)
                        .directory(folder.toAbsolutePath().toFile())
                        .redirectErrorStream(true)
                        .start();
        String text =
                new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        try {
            if (process.waitFor() != 0) {
                String end = text.substring(Math.max(0, text.length() - TOLD));
                throw new Refusal(String.join(" ", command) + ": " + end);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refusal("interrupted");
        }
        return text;
    }
}
