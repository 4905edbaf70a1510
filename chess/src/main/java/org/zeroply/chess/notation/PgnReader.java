package org.zeroply.chess.notation;

import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads games one after the other from PGN of any size; only one game is in memory at a time. A
 * game that cannot be read is given as a {@link PgnEntry.Problem} with its raw text, and the games
 * around it are read.
 */
public final class PgnReader implements Closeable {

    /** Characters that are kept of what is no text. */
    private static final int SHOWN = 1000;

    private final String file;
    private final GameSplitter splitter;
    private int games;

    /**
     * A place between two games of a file.
     *
     * @param bytes where it is
     * @param lines lines before it
     * @param games games and problems before it
     */
    public record Place(long bytes, int lines, int games) {

        /** Before everything. */
        public static final Place START = new Place(0, 0, 0);
    }

    /** Reads from a stream; the name is used in problems. */
    public PgnReader(InputStream in, String file) {
        this(in, file, Place.START);
    }

    /**
     * Goes on where another reader of the file stopped.
     *
     * @param in what follows that place
     */
    public PgnReader(InputStream in, String file, Place from) {
        this.file = file;
        this.splitter = new GameSplitter(new TextLines(in), from.bytes(), from.lines());
        this.games = from.games();
    }

    /** Where the next game is looked for; another reader can go on there. */
    public Place place() {
        return new Place(splitter.at(), splitter.lines(), games);
    }

    /** Reads a file. */
    public static PgnReader open(Path path) throws IOException {
        return new PgnReader(Files.newInputStream(path), path.getFileName().toString());
    }

    /** Reads all entries of a text. */
    public static List<PgnEntry> readAll(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        try (PgnReader reader = new PgnReader(new ByteArrayInputStream(bytes), "text")) {
            return reader.rest();
        } catch (IOException e) {
            throw new IllegalStateException("reading from memory failed", e);
        }
    }

    /** Reads all entries of a file. */
    public static List<PgnEntry> readAll(Path path) throws IOException {
        try (PgnReader reader = open(path)) {
            return reader.rest();
        }
    }

    /** The tags that the text of one game begins with, by name; as far as they can be read. */
    public static Map<String, String> tags(String text) {
        return PgnParser.tags(new RawGame(1, text.lines().toList()));
    }

    private List<PgnEntry> rest() throws IOException {
        List<PgnEntry> entries = new ArrayList<>();
        for (var e = next(); e.isPresent(); e = next()) {
            entries.add(e.get());
        }
        return entries;
    }

    /**
     * The next game or problem; empty at the end.
     *
     * @throws IOException if the stream cannot be read
     */
    public Optional<PgnEntry> next() throws IOException {
        Optional<RawGame> raw = splitter.next();
        if (raw.isEmpty()) {
            return Optional.empty();
        }
        games++;
        RawGame game = raw.get();
        try {
            return Optional.of(
                    new PgnEntry.Game(games, game.firstLine(), new PgnParser(game).parse()));
        } catch (PgnParser.Failure e) {
            if (game.isBinary()) {
                return Optional.of(
                        new PgnEntry.Problem(
                                file,
                                games,
                                game.firstLine(),
                                1,
                                "this is binary data and not text",
                                "games in PGN",
                                beginning(game.text())));
            }
            return Optional.of(
                    new PgnEntry.Problem(
                            file,
                            games,
                            game.firstLine() + e.line(),
                            e.column() + 1,
                            e.getMessage(),
                            e.expected(),
                            game.text()));
        }
    }

    /** Nobody will mend binary data by hand; its file has the rest. */
    private static String beginning(String binary) {
        return binary.length() <= SHOWN ? binary : binary.substring(0, SHOWN) + "…";
    }

    @Override
    public void close() throws IOException {
        splitter.close();
    }
}
