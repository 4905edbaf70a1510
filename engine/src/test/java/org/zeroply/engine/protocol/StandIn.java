package org.zeroply.engine.protocol;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.zeroply.engine.search.BuiltInEngine;

/** A program to speak the protocol with: our own engine, or one that misbehaves in a chosen way. */
final class StandIn {

    private StandIn() {}

    /** The command line that starts it. */
    static List<String> command(String manner) {
        String classes =
                System.getProperty(
                        "surefire.test.class.path", System.getProperty("java.class.path"));
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                classes,
                StandIn.class.getName(),
                manner);
    }

    public static void main(String[] args) throws Exception {
        InputStreamReader in = new InputStreamReader(System.in, StandardCharsets.UTF_8);
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        if (args[0].equals("ours")) {
            new UciServer(BuiltInEngine::new, in, out).serve();
            return;
        }
        BufferedReader lines = new BufferedReader(in);
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.equals("uci")) {
                out.println("id name Stand In\nuciok");
            } else if (line.equals("isready")) {
                out.println("readyok");
            } else if (line.startsWith("go")) {
                misbehave(args[0], out);
            }
        }
    }

    private static void misbehave(String manner, PrintWriter out) {
        switch (manner) {
            case "exit" -> System.exit(7);
            case "garbage" -> {
                out.println("\u0007%%% info depth x score cp y pv e2e5 \n\ninfo pv\nbestmove");
                out.println("info depth 3 score cp 20 pv e2e5 e7e5\nbestmove e2e5");
            }
            case "talkative" -> {
                out.println("hello\ninfo string thinking\ninfo depth abc score cp 4 pv a2a3");
                out.println("info depth 2 multipv 1 score cp 31 nodes 50 pv e2e4 e7e5 e1e8");
                out.println("bestmove e2e4 ponder e7e5");
            }
            case "endless" -> {
                out.print("info string ");
                for (int i = 0; i < 40_000; i++) {
                    out.print("and so on, ".repeat(10));
                }
                out.println("\ninfo depth 1 score cp 3 nodes 5 pv e2e4\nbestmove e2e4");
            }
            default -> {
                // "hang": says nothing any more.
            }
        }
    }
}
