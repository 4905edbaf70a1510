package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.zeroply.chess.notation.Counted;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.index.PositionFinder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code find}. */
@Command(
        name = "find",
        description = "Positions of the games of a library: what stands where, and what happens.")
public final class FindCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(
            arity = "0..1",
            paramLabel = "QUERY",
            description = "What is asked, such as \"white rook on g5, black king on g8\".")
    private String text = "";

    @Option(names = "--library", paramLabel = "L")
    private Path library;

    @Option(names = "--every", description = "Every position, not the first of each game.")
    private boolean every;

    @Option(
            names = "--most",
            description = "So many positions are told at most; all are counted.",
            paramLabel = "N")
    private int most = 1000;

    @Option(names = "--threads", description = "Threads that look through games.", paramLabel = "T")
    private int threads = Math.max(1, Math.min(8, Runtime.getRuntime().availableProcessors()));

    @Option(names = "--phrases", description = "Tells what can be asked, an example of each.")
    private boolean phrases;

    @Override
    public Integer call() {
        if (phrases) {
            List<String> all = ConditionReader.examples();
            ObjectNode document = Output.document();
            document.set("phrases", Output.node(all));
            output.print(document, out -> all.forEach(out::println));
            return 0;
        }
        if (text.isBlank() || library == null) {
            throw new BadInputException(
                    "A query and --library are needed; --phrases tells what can be asked.");
        }
        if (threads < 1 || most < 0) {
            throw new BadInputException("Threads must be positive, and --most not negative.");
        }
        Query query = query();
        try (Library open = Libraries.existing(library)) {
            find(open, query);
        }
        return 0;
    }

    private Query query() {
        try {
            Query query = QueryReader.read(text);
            return every ? query.every(true) : query;
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
        }
    }

    private void find(Library open, Query query) {
        long began = System.nanoTime();
        List<PositionFinder.Hit> told = new ArrayList<>();
        ExecutorService helpers = Executors.newFixedThreadPool(threads);
        PositionFinder.Outcome outcome;
        try {
            outcome =
                    open.finder()
                            .find(
                                    query,
                                    helpers,
                                    threads,
                                    new Cancellation(),
                                    (hits, looked, all) ->
                                            told.addAll(
                                                    hits.subList(
                                                            0,
                                                            Math.min(
                                                                    hits.size(),
                                                                    most - told.size()))));
        } finally {
            helpers.shutdownNow();
        }
        long millis = (System.nanoTime() - began) / 1_000_000;
        output.print(
                document(query, told, outcome, millis), out -> print(out, told, outcome, millis));
    }

    private static ObjectNode document(
            Query query,
            List<PositionFinder.Hit> told,
            PositionFinder.Outcome outcome,
            long millis) {
        ObjectNode document = Output.document().put("query", query.text());
        ArrayNode hits = document.putArray("hits");
        for (PositionFinder.Hit hit : told) {
            ObjectNode node = hits.addObject().put("game", hit.game().sheetId());
            node.put("white", hit.game().white()).put("black", hit.game().black());
            node.put("date", hit.game().date()).put("result", hit.game().result());
            node.put("ply", hit.match().ply()).put("fromPly", hit.match().from());
            node.put("fen", hit.position().fen());
        }
        document.put("total", outcome.hits()).put("answering", outcome.answering());
        return document.put("games", outcome.games()).put("millis", millis);
    }

    private static void print(
            PrintWriter out,
            List<PositionFinder.Hit> told,
            PositionFinder.Outcome outcome,
            long millis) {
        TextTable table = new TextTable("llll");
        for (PositionFinder.Hit hit : told) {
            table.row(
                    hit.game().title(),
                    hit.game().date(),
                    "after ply " + hit.match().ply(),
                    hit.position().fen());
        }
        table.print(out);
        out.println(
                Counted.of(outcome.hits(), "position")
                        + " in "
                        + Counted.of(outcome.answering(), "game")
                        + " of "
                        + Counted.of(outcome.games(), "game")
                        + ", "
                        + millis
                        + " ms");
    }
}
