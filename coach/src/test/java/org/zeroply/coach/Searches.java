package org.zeroply.coach;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.ExpectedScoreCurve;

/**
 * Searches of the engine that tests ask for again and again, by their question. Most were searched
 * for once and lie in a file beside the tests; {@link SearchesTest} looks whether the engine still
 * answers so.
 */
final class Searches {

    /**
     * In the environment: a folder in which all searches of this run are written to files in the
     * end, one for each program that runs tests.
     */
    private static final String RECORD = "ZEROPLY_SEARCHES";

    /** What visited fewer nodes is not worth its room in the file. */
    private static final long LEAST = 3_000;

    private static final String FILE = "org/zeroply/coach/searches.txt.gz";
    private static final Map<String, Search> KNOWN = new ConcurrentHashMap<>();
    private static final Map<String, String> RECORDED = recorded();

    private Searches() {}

    private static Map<String, String> recorded() {
        String folder = System.getenv().getOrDefault(RECORD, "");
        if (!folder.isEmpty()) {
            Path file = Path.of(folder, "searches-" + ProcessHandle.current().pid() + ".txt.gz");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> write(file)));
            return Map.of();
        }
        return read();
    }

    /** What lies in the files beside the tests of this module and those below it, by question. */
    static Map<String, String> read() {
        Map<String, String> all = new TreeMap<>();
        try {
            for (URL file : Collections.list(Searches.class.getClassLoader().getResources(FILE))) {
                try (InputStream in = file.openStream()) {
                    read(in, all);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }

    private static void read(InputStream in, Map<String, String> all) throws IOException {
        BufferedReader lines =
                new BufferedReader(
                        new InputStreamReader(new GZIPInputStream(in), StandardCharsets.US_ASCII));
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            int end = line.indexOf('=');
            all.put(line.substring(0, end), line.substring(end + 1));
        }
    }

    private static void write(Path file) {
        try (PrintStream out =
                new PrintStream(
                        new GZIPOutputStream(Files.newOutputStream(file)),
                        false,
                        StandardCharsets.US_ASCII)) {
            for (Map.Entry<String, Search> e : new TreeMap<>(KNOWN).entrySet()) {
                if (e.getValue().answer().nodes() >= LEAST) {
                    out.print(e.getKey() + "=" + e.getValue().text() + "\n");
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * What is known of a question.
     *
     * @param position what it is about
     */
    static Optional<Search> find(String question, Position position) {
        return Optional.ofNullable(
                KNOWN.computeIfAbsent(
                        question,
                        q -> {
                            String text = RECORDED.get(q);
                            return text == null
                                    ? null
                                    : Search.parse(text, ExpectedScoreCurve.at(position));
                        }));
    }

    static void keep(String question, Search search) {
        KNOWN.put(question, search);
    }
}
