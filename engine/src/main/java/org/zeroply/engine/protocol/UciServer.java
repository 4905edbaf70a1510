package org.zeroply.engine.protocol;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Reader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Score;

/**
 * Serves the open engine protocol on a pair of streams. What is not understood is ignored, as the
 * protocol wants it.
 */
public final class UciServer {

    /** Characters of a command: a game of some thousand moves. */
    private static final int LONGEST = 1 << 17;

    private static final int DEFAULT_MEGABYTES = 64;
    private static final int MOST_MEGABYTES = 8192;
    private static final int MOST_THREADS = 64;
    private static final int MOST_LINES = 64;
    private static final long CURRENT_MOVE_AFTER_MILLIS = 1000;

    private final IntFunction<Engine> engines;
    private final BoundedLines in;
    private final PrintWriter out;
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(
                    task -> {
                        Thread thread = new Thread(task, "uci-clock");
                        thread.setDaemon(true);
                        return thread;
                    });
    private Engine engine;
    private int threads = 1;
    private int lines = 1;
    private Position start = Position.START;
    private List<Move> moves = List.of();
    private Position position = Position.START;
    private Running running;

    /**
     * @param engines makes an engine for so many MiB of memory
     */
    public UciServer(IntFunction<Engine> engines, Reader in, PrintWriter out) {
        this.engines = engines;
        this.in = new BoundedLines(in, LONGEST);
        this.out = out;
        engine = engines.apply(DEFAULT_MEGABYTES);
    }

    /**
     * Reads and answers until {@code quit} or the end of the input; a search still running is then
     * stopped.
     *
     * @throws IOException if the input cannot be read
     */
    public void serve() throws IOException {
        try {
            for (String line = in.next(); line != null; line = in.next()) {
                List<String> words = Arrays.asList(line.trim().split("\\s+"));
                if (words.get(0).equals("quit")) {
                    break;
                }
                answer(words, line);
            }
        } finally {
            stop();
            clock.shutdownNow();
        }
    }

    private void answer(List<String> words, String line) {
        switch (words.get(0)) {
            case "uci" -> introduce();
            case "isready" -> print("readyok");
            case "setoption" -> setOption(line);
            case "ucinewgame" -> {
                stop();
                engine.forget();
            }
            case "position" -> setPosition(words);
            case "go" -> go(words);
            case "stop" -> stop();
            case "ponderhit" -> ponderHit();
            default -> {
                // Unknown commands are to be ignored.
            }
        }
    }

    private void introduce() {
        print("id name " + engine.name());
        print("id author the Zero Ply developers");
        print(
                "option name Hash type spin default "
                        + DEFAULT_MEGABYTES
                        + " min 1 max "
                        + MOST_MEGABYTES);
        print("option name Threads type spin default 1 min 1 max " + MOST_THREADS);
        print("option name MultiPV type spin default 1 min 1 max " + MOST_LINES);
        print("option name Ponder type check default false");
        print("option name Clear Hash type button");
        print("uciok");
    }

    private void setOption(String line) {
        stop();
        String text = line.trim().replaceFirst("^setoption\\s+name\\s+", "");
        String[] parts = text.split("\\s+value\\s+", 2);
        String name = parts[0].strip().toLowerCase(Locale.ROOT);
        if (name.equals("clear hash")) {
            engine.forget();
            return;
        }
        int value;
        try {
            value = parts.length < 2 ? 0 : Integer.parseInt(parts[1].strip());
        } catch (NumberFormatException e) {
            return;
        }
        switch (name) {
            case "hash" -> engine = engines.apply(between(value, MOST_MEGABYTES));
            case "threads" -> threads = between(value, MOST_THREADS);
            case "multipv" -> lines = between(value, MOST_LINES);
            default -> {
                // Unknown options are to be ignored.
            }
        }
    }

    private static int between(int value, int most) {
        return Math.max(1, Math.min(most, value));
    }

    private void setPosition(List<String> words) {
        stop();
        int movesAt = words.indexOf("moves");
        int end = movesAt < 0 ? words.size() : movesAt;
        try {
            Position first =
                    words.size() > 1 && words.get(1).equals("fen")
                            ? Position.fromFen(String.join(" ", words.subList(2, end)))
                            : Position.START;
            List<Move> played = new ArrayList<>();
            Position now = first;
            for (int i = end + 1; i < words.size(); i++) {
                Position before = now;
                String word = words.get(i);
                Move move =
                        Coordinates.read(before, word)
                                .orElseThrow(
                                        () ->
                                                new IllegalArgumentException(
                                                        "the move " + word + " is not legal"));
                played.add(move);
                now = before.play(move);
            }
            start = first;
            moves = played;
            position = now;
        } catch (IllegalArgumentException e) {
            print("info string position not taken over: " + e.getMessage());
        }
    }

    private void go(List<String> words) {
        stop();
        GoCommand go = GoCommand.parse(words, position);
        AnalysisRequest request =
                new AnalysisRequest(start, moves, go.limits(), lines, go.moves(), threads);
        running = new Running(request, go);
        running.thread.start();
    }

    private void stop() {
        if (running != null) {
            running.finish();
            running = null;
        }
    }

    private void ponderHit() {
        Running now = running;
        if (now != null) {
            long millis = now.go.clockMillis().orElse(0L);
            clock.schedule(now::release, millis, TimeUnit.MILLISECONDS);
        }
    }

    private void print(String line) {
        synchronized (out) {
            out.println(line);
            out.flush();
        }
    }

    /** A search in work, and the answer it owes. */
    private final class Running implements AnalysisListener {
        private final AnalysisRequest request;
        private final GoCommand go;
        private final Cancellation cancellation = new Cancellation();
        private final Thread thread;
        private final long began = System.nanoTime();
        private boolean released;

        Running(AnalysisRequest request, GoCommand go) {
            this.request = request;
            this.go = go;
            released = !go.untilStop();
            thread = new Thread(this::run, "uci-search");
            thread.setDaemon(true);
        }

        private void run() {
            Analysis analysis = engine.analyse(request, this, cancellation);
            awaitRelease();
            List<Move> line =
                    analysis.best().map(Analysis.Candidate::line).orElse(List.of(Move.NULL));
            String ponder = line.size() > 1 ? " ponder " + line.get(1).coordinates() : "";
            print("bestmove " + line.get(0).coordinates() + ponder);
        }

        private synchronized void awaitRelease() {
            while (!released) {
                try {
                    wait();
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
        }

        synchronized void release() {
            released = true;
            cancellation.cancel();
            notifyAll();
        }

        void finish() {
            release();
            try {
                thread.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        @Override
        public void found(Analysis soFar) {
            long millis = Math.max(1, soFar.millis());
            int number = 1;
            for (Analysis.Candidate c : soFar.lines()) {
                print(
                        String.format(
                                "info depth %d seldepth %d multipv %d score %s nodes %d nps %d"
                                        + " hashfull %d time %d pv %s",
                                c.depth(),
                                c.deepest(),
                                number++,
                                score(c.score()),
                                soFar.nodes(),
                                soFar.nodes() * 1000 / millis,
                                soFar.fullness(),
                                soFar.millis(),
                                c.line().stream()
                                        .map(Move::coordinates)
                                        .collect(Collectors.joining(" "))));
            }
        }

        @Override
        public void begins(Move move, int number, long nodes) {
            long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
            if (millis >= CURRENT_MOVE_AFTER_MILLIS) {
                print("info currmove " + move.coordinates() + " currmovenumber " + number);
            }
        }
    }

    private static String score(Score score) {
        return score instanceof Score.Mate m ? "mate " + m.moves() : "cp " + score.ordinal();
    }
}
