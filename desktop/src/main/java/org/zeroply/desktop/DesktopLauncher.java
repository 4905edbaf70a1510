package org.zeroply.desktop;

import java.io.PrintStream;
import java.util.List;
import java.util.OptionalInt;
import javafx.application.Application;
import org.zeroply.desktop.app.Opening;
import org.zeroply.desktop.app.ZeroPly;
import org.zeroply.library.ProgramVersion;

/**
 * Starts the window: {@code demo}, {@code [desktop] [LIBRARY.zpl] [GAMES.pgn ...]}, {@code
 * --version} or {@code --help}. Exit codes: 0 done, 2 wrong usage.
 */
public final class DesktopLauncher {

    private DesktopLauncher() {}

    /** Starts the window, or says why not. */
    public static void main(String[] args) {
        OptionalInt code = answered(List.of(args), System.out, System.err);
        if (code.isPresent()) {
            System.exit(code.getAsInt());
        }
        Application.launch(ZeroPly.class, args);
    }

    /** What needs no window is answered here; the exit code then. */
    static OptionalInt answered(List<String> args, PrintStream out, PrintStream err) {
        if (args.contains("--version") || args.contains("-V")) {
            out.println("Zero Ply " + ProgramVersion.text());
            return OptionalInt.of(0);
        }
        if (args.contains("--help") || args.contains("-h")) {
            out.println(Opening.USAGE);
            return OptionalInt.of(0);
        }
        try {
            Opening.of(args);
            return OptionalInt.empty();
        } catch (IllegalArgumentException e) {
            err.println("zeroply: " + e.getMessage());
            err.println("Usage: " + Opening.USAGE);
            return OptionalInt.of(2);
        }
    }
}
