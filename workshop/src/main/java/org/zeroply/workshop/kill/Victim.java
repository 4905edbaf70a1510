package org.zeroply.workshop.kill;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** A program that works with a library and is killed, sooner or later. */
final class Victim {

    private static final String READY = "ready";
    private static final String GAMES = "games ";
    private static final String MOVES = "moves ";

    /** After it is ready it lives so long at most, in milliseconds. */
    private static final int LIFE = 400;

    /** Of so many victims one is killed before it is ready. */
    private static final int EARLY = 5;

    /** A Java program is up by then, in milliseconds. */
    private static final int START = 900;

    private int games;
    private int moves;

    /** Games that it said are in the library. */
    int games() {
        return games;
    }

    /** Moves that it said the last game has. */
    int moves() {
        return moves;
    }

    /** Does the work in this process, saying what is done. */
    static void work(Work work, Path folder, Consumer<String> says) throws IOException {
        work.run(
                folder,
                new Work.Says() {
                    @Override
                    public void ready() {
                        says.accept(READY);
                    }

                    @Override
                    public void games(int count) {
                        says.accept(GAMES + count);
                    }

                    @Override
                    public void moves(int count) {
                        says.accept(MOVES + count);
                    }
                });
    }

    /**
     * Starts it in another process and kills that.
     *
     * @param command the command line up to the name of the work
     * @return whether it was killed in its work, and not after it
     */
    boolean live(List<String> command, Random random) throws IOException, InterruptedException {
        Process process =
                new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        boolean early = random.nextInt(EARLY) == 0;
        int millis = random.nextInt(early ? START : LIFE);
        try (BufferedReader in =
                new BufferedReader(
                        new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            if (!early) {
                String line = in.readLine();
                while (line != null && !line.equals(READY)) {
                    line = in.readLine();
                }
            }
            Thread hearing = new Thread(() -> hear(in), "hearing");
            hearing.start();
            boolean ended = process.waitFor(millis, TimeUnit.MILLISECONDS);
            process.destroyForcibly().waitFor();
            hearing.join();
            return !ended;
        }
    }

    private void hear(BufferedReader in) {
        try {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                games = number(line, GAMES, games);
                moves = number(line, MOVES, moves);
            }
        } catch (IOException e) {
            // The other end was killed, and says nothing more.
            return;
        }
    }

    private static int number(String line, String what, int otherwise) {
        return line.startsWith(what) ? Integer.parseInt(line.substring(what.length())) : otherwise;
    }
}
