package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
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
import org.zeroply.library.index.FirstHits;
import org.zeroply.library.index.PositionFinder;
import org.zeroply.library.index.QueryStore;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code find}. */
@Command(
        name = "find",
        description = "Positions of the games of a library: what stands where, and what happens.",
        subcommands = FindMeasureCommand.class)
public final class FindCommand implements Callable<Integer> {

    @Mixin private Output output;

    /** Games between two lines that tell how far it is. */
    private static final int TOLD = 10;

    @Spec private CommandLine.Model.CommandSpec spec;

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

    @Option(
            names = "--clearest",
            description =
                    "Those with the fewest men that have nothing to do with it first, and not those"
                            + " of the newest games.")
    private boolean clearest;

    @Option(names = "--threads", description = "Threads that look through games.", paramLabel = "T")
    private int threads = Math.max(1, Math.min(8, Runtime.getRuntime().availableProcessors()));

    @Option(names = "--phrases", description = "Tells what can be asked, an example of each.")
    private boolean phrases;

    @Option(
            names = "--keep",
            description = "Keeps the query in the library under a name.",
            paramLabel = "NAME")
    private String keep = "";

    @Option(names = "--named", description = "Asks a query that was kept.", paramLabel = "NAME")
    private String named = "";

    @Option(names = "--forget", description = "Forgets a query that was kept.", paramLabel = "NAME")
    private String forget = "";

    @Option(names = "--names", description = "Lists the queries that were kept.")
    private boolean names;

    @Override
    public Integer call() {
        if (phrases) {
            List<String> all = ConditionReader.examples();
            ObjectNode document = Output.document();
            document.set("phrases", Output.node(all));
            output.print(document, out -> all.forEach(out::println));
            return 0;
        }
        if (library == null || text.isBlank() && named.isEmpty() && forget.isEmpty() && !names) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(),
                    "A query and --library are needed; --phrases tells what can be asked.");
        }
        if (threads < 1 || most < 0) {
            throw new BadInputException("Threads must be positive, and --most not negative.");
        }
        try (Library open = Libraries.existing(library)) {
            if (names || !forget.isEmpty()) {
                kept(open);
                return 0;
            }
            String asked = named.isEmpty() ? text : kept(open, named);
            Query query = query(asked);
            if (!keep.isBlank()) {
                open.queries().keep(keep.strip(), query.text());
            }
            Answer answer = ask(open, query);
            output.print(
                    document(query, answer),
                    out -> {
                        if (!asked.strip().equals(query.text())) {
                            out.println("read as: " + query.text());
                        }
                        print(out, answer);
                    });
        }
        return 0;
    }

    Query query(String asked) {
        try {
            Query query = QueryReader.read(asked);
            return query.with(Query.Manner.EVERY, every || query.is(Query.Manner.EVERY))
                    .with(Query.Manner.CLEAREST, clearest || query.is(Query.Manner.CLEAREST));
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
        }
    }

    private static String kept(Library open, String name) {
        return open.queries()
                .named(name.strip())
                .orElseThrow(() -> new BadInputException("No query is kept as " + name + "."));
    }

    /** Forgets a query where that is asked, and lists those that are left. */
    private void kept(Library open) {
        if (!forget.isEmpty()) {
            kept(open, forget);
            open.queries().forget(forget.strip());
        }
        List<QueryStore.Kept> all = open.queries().all();
        ObjectNode document = Output.document();
        document.set("queries", Output.node(all));
        TextTable table = new TextTable("ll");
        all.forEach(k -> table.row(k.name(), k.query()));
        output.print(document, table::print);
    }

    /** What was found, as many as are told, and how long it took. */
    record Answer(List<PositionFinder.Hit> hits, PositionFinder.Outcome outcome, long millis) {}

    /** Asks a library. */
    Answer ask(Library open, Query query) {
        long began = System.nanoTime();
        FirstHits first = new FirstHits(query, most);
        boolean takesLong = !query.searches().isEmpty();
        ExecutorService helpers = Executors.newFixedThreadPool(threads);
        try {
            PositionFinder.Outcome outcome =
                    open.finder()
                            .find(
                                    query,
                                    helpers,
                                    threads,
                                    new Cancellation(),
                                    (hits, looked, all) -> {
                                        first.add(hits);
                                        if (takesLong) {
                                            tell(looked, all);
                                        }
                                    });
            return new Answer(first.hits(), outcome, (System.nanoTime() - began) / 1_000_000);
        } finally {
            helpers.shutdownNow();
        }
    }

    /** How far it is. */
    private void tell(int looked, int all) {
        if (looked % TOLD == 0) {
            output.err().println(looked + " of " + Counted.of(all, "game"));
            output.err().flush();
        }
    }

    Output output() {
        return output;
    }

    private static ObjectNode document(Query query, Answer answer) {
        ObjectNode document = Output.document().put("query", query.text());
        ArrayNode hits = document.putArray("hits");
        for (PositionFinder.Hit hit : answer.hits()) {
            ObjectNode node = hits.addObject().put("game", hit.game().sheetId());
            node.put("white", hit.game().white()).put("black", hit.game().black());
            node.put("date", hit.game().date()).put("result", hit.game().result());
            node.put("ply", hit.match().ply()).put("fromPly", hit.match().from());
            node.put("fen", hit.position().fen());
        }
        PositionFinder.Outcome outcome = answer.outcome();
        document.put("total", outcome.hits()).put("answering", outcome.answering());
        ArrayNode silent = document.putArray("silent");
        outcome.silent()
                .forEach(s -> silent.addObject().put("tag", s.tag()).put("games", s.games()));
        return document.put("games", outcome.games()).put("millis", answer.millis());
    }

    private static void print(PrintWriter out, Answer answer) {
        TextTable table = new TextTable("llll");
        for (PositionFinder.Hit hit : answer.hits()) {
            table.row(
                    hit.game().title(),
                    hit.game().date(),
                    "after ply " + hit.match().ply(),
                    hit.position().fen());
        }
        table.print(out);
        PositionFinder.Outcome outcome = answer.outcome();
        out.println(
                Counted.of(outcome.hits(), "position")
                        + " in "
                        + Counted.of(outcome.answering(), "game")
                        + " of "
                        + Counted.of(outcome.games(), "game")
                        + ", "
                        + answer.millis()
                        + " ms");
        outcome.silent().forEach(s -> out.println(s.words()));
    }
}
