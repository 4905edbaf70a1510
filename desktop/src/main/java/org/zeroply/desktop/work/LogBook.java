package org.zeroply.desktop.work;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.database.FileTrouble;

/**
 * What went wrong, in a file beside the library that a user can look into and send. It holds what
 * failed and where in the program, never games, names or positions of the library.
 */
public final class LogBook implements AutoCloseable {

    private static final int BYTES = 500_000;
    private static final Logger ROOT = Logger.getLogger("");
    private static final System.Logger LOG = System.getLogger(LogBook.class.getName());

    private final Path file;
    private final Optional<FileHandler> handler;

    /** Goes on with the log of a library, which is {@code NAME.log} beside it. */
    public LogBook(Path library) {
        String name = library.getFileName().toString().replaceAll("\\.zpl$", "");
        file = library.resolveSibling(name + ".log");
        handler = open();
        handler.ifPresent(ROOT::addHandler);
    }

    private Optional<FileHandler> open() {
        try {
            String pattern = file.toString().replace("%", "%%");
            FileHandler made = new FileHandler(pattern, BYTES, 1, true);
            made.setFormatter(new SimpleFormatter());
            made.setEncoding(StandardCharsets.UTF_8.name());
            made.setLevel(Level.INFO);
            return Optional.of(made);
        } catch (IOException e) {
            // The program works without; what went wrong is told on the console.
            LOG.log(System.Logger.Level.WARNING, "no log can be kept at " + file, e);
            return Optional.empty();
        }
    }

    /** Where it is kept. */
    public Path file() {
        return file;
    }

    /** Notes what happened on a thread that nobody else looked after. */
    public static void note(String what, Throwable e) {
        LOG.log(System.Logger.Level.ERROR, what, e);
    }

    /** All that is in it; empty where there is none. */
    public String text() {
        handler.ifPresent(FileHandler::flush);
        try {
            return Files.exists(file) ? Files.readString(file) : "";
        } catch (IOException e) {
            return Texts.of("work.the-log-could-not-be", file, FileTrouble.reason(e));
        }
    }

    @Override
    public void close() {
        handler.ifPresent(
                h -> {
                    ROOT.removeHandler(h);
                    h.close();
                });
    }
}
