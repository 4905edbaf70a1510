package org.zeroply.engine.protocol;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.Limits;

/** A running program that is spoken to line by line. */
final class UciProcess {

    private static final String END = "\u0000end";
    private static final long LOOK_MILLIS = 20;

    /** Characters of a line; a principal variation has some hundred. */
    private static final int LONGEST = 1 << 16;

    /** What would stay behind if this program ended now. */
    private static final Set<UciProcess> RUNNING = ConcurrentHashMap.newKeySet();

    static {
        Thread atEnd = new Thread(UciProcess::killAll, "engines-end");
        Runtime.getRuntime().addShutdownHook(atEnd);
    }

    /** More lines than this waiting to be read mean that the program talks without end. */
    private static final int MOST_WAITING = 100_000;

    private final String program;
    private final UciEngine.Patience patience;
    private final Process process;
    private final PrintWriter out;
    private final BlockingQueue<String> lines = new LinkedBlockingQueue<>(MOST_WAITING);

    /**
     * @throws EngineFailure if the program cannot be started
     */
    UciProcess(List<String> command, UciEngine.Patience patience) {
        program = command.get(0);
        this.patience = patience;
        try {
            process =
                    new ProcessBuilder(command)
                            .redirectError(ProcessBuilder.Redirect.DISCARD)
                            .start();
        } catch (IOException e) {
            throw new EngineFailure(
                    "The engine " + program + " could not be started: " + e.getMessage(), e);
        }
        RUNNING.add(this);
        out = new PrintWriter(process.getOutputStream(), true, StandardCharsets.UTF_8);
        Thread reader = new Thread(this::read, "uci-reader");
        reader.setDaemon(true);
        reader.start();
    }

    private void read() {
        try (BoundedLines in =
                new BoundedLines(
                        new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8),
                        LONGEST)) {
            for (String line = in.next(); line != null; line = in.next()) {
                lines.put(line.strip());
            }
            lines.put(END);
        } catch (IOException e) {
            lines.offer(END);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    boolean isAlive() {
        return process.isAlive();
    }

    /** Ends the program with all that it has started. */
    void kill() {
        RUNNING.remove(this);
        // A starting script has the engine as its child.
        process.descendants().forEach(ProcessHandle::destroyForcibly);
        process.destroyForcibly();
    }

    private static void killAll() {
        List.copyOf(RUNNING).forEach(UciProcess::kill);
    }

    void send(String line) {
        out.println(line);
    }

    /** Greets the program, sets its options, and gives the name it gave itself. */
    String introduce(Map<String, String> options) {
        send("uci");
        String[] name = {program};
        await(
                line -> {
                    if (line.startsWith("id name ")) {
                        name[0] = line.substring(8).strip();
                    }
                    return line.equals("uciok");
                },
                patience.start(),
                "did not introduce itself as an engine");
        options.forEach((key, value) -> send("setoption name " + key + " value " + value));
        awaitReady();
        return name[0];
    }

    void awaitReady() {
        send("isready");
        await(line -> line.equals("readyok"), patience.answer(), "did not get ready");
    }

    private void await(Predicate<String> wanted, long millis, String complaint) {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(millis);
        while (true) {
            String line = next(Math.max(1, (until - System.nanoTime()) / 1_000_000));
            if (line != null && wanted.test(line)) {
                return;
            }
            if (System.nanoTime() >= until) {
                throw failure(complaint + " within " + millis / 1000.0 + " s");
            }
        }
    }

    /** Feeds an analysis until the program names its move. */
    void search(UciAnalysis analysis, Limits limits, Cancellation cancellation) {
        long due = Long.MAX_VALUE;
        if (limits.millis() != Long.MAX_VALUE) {
            long millis = limits.millis() + patience.answer();
            due = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(millis);
        }
        boolean stopped = false;
        while (true) {
            String line = next(LOOK_MILLIS);
            if (line != null && line.startsWith("bestmove")) {
                analysis.finish(line);
                return;
            }
            if (line != null && line.startsWith("info")) {
                analysis.info(line);
            }
            if (!stopped && cancellation.isCancelled()) {
                stopped = true;
                send("stop");
                due = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(patience.answer());
            }
            if (due != Long.MAX_VALUE && System.nanoTime() - due > 0) {
                throw failure("did not name a move in time");
            }
        }
    }

    private String next(long millis) {
        String line;
        try {
            line = lines.poll(millis, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw failure("was not waited for");
        }
        if (END.equals(line)) {
            throw failure("ended" + exitCode());
        }
        return line;
    }

    private String exitCode() {
        try {
            return process.waitFor(1, TimeUnit.SECONDS)
                    ? " with exit code " + process.exitValue()
                    : "";
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return "";
        }
    }

    private EngineFailure failure(String what) {
        return new EngineFailure("The engine " + program + " " + what + ".");
    }
}
