package org.zeroply.workshop.delivery;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** A screen that nobody sees, and a hand on it. */
final class VirtualScreen implements AutoCloseable {

    private final Process screen;
    private final String display;
    private final Process hand;
    private final PrintWriter ask;
    private final BufferedReader answers;

    /** Opens a screen on a display that is free, which the server chooses and tells. */
    VirtualScreen() throws IOException {
        screen =
                new ProcessBuilder(
                                List.of(
                                        "Xvfb",
                                        "-displayfd",
                                        "1",
                                        "-screen",
                                        "0",
                                        "1280x800x24",
                                        "-nolisten",
                                        "tcp"))
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
        display = ":" + lines(screen).readLine();
        ProcessBuilder starting =
                new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        ScreenHand.class.getName());
        starting.environment().put("DISPLAY", display);
        hand = starting.redirectError(ProcessBuilder.Redirect.INHERIT).start();
        ask = new PrintWriter(hand.getOutputStream(), true, StandardCharsets.UTF_8);
        answers = lines(hand);
    }

    /** Whether this system has such screens. */
    static boolean isPossible() {
        return Stream.of(System.getenv("PATH").split(":"))
                .anyMatch(folder -> Files.isExecutable(Path.of(folder, "Xvfb")));
    }

    String display() {
        return display;
    }

    /** How many colours are on the screen. */
    int colours() throws IOException {
        return Integer.parseInt(look().split(" ")[0]);
    }

    /** What is on the screen; the same text for the same picture. */
    String look() throws IOException {
        return answer("look");
    }

    /** Presses a key with Control. */
    void pressControl(char key) throws IOException {
        answer("control " + key);
    }

    private String answer(String question) throws IOException {
        ask.println(question);
        String answer = answers.readLine();
        if (answer == null) {
            throw new IOException("the hand on the screen is gone");
        }
        return answer;
    }

    private static BufferedReader lines(Process process) {
        return new BufferedReader(
                new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    }

    @Override
    public void close() {
        hand.destroy();
        screen.destroy();
    }
}
