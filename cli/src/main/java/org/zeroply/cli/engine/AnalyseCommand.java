package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.EngineMemory;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code analyse}. */
@Command(name = "analyse", description = "Finds the candidates of a position.")
public final class AnalyseCommand implements Callable<Integer> {

    private static final long DEFAULT_MILLIS = 3000;

    @Mixin private PositionOption position;
    @Mixin private Output output;

    @Option(names = "--depth", description = "Stop after this depth in plies.", paramLabel = "N")
    private Integer depth;

    @Option(names = "--nodes", description = "Stop after this many nodes.", paramLabel = "N")
    private Long nodes;

    @Option(names = "--movetime", description = "Stop after milliseconds.", paramLabel = "MS")
    private Long millis;

    @Option(names = "--lines", description = "How many candidates.", paramLabel = "K")
    private int lines = 1;

    @Option(names = "--threads", description = "Threads to use.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--hash", description = "Memory in MiB.", paramLabel = "MB")
    private int hash = 256;

    @Option(
            names = "--moves",
            description = "Choose only among these moves.",
            split = ",",
            paramLabel = "SAN")
    private List<String> among = List.of();

    @Option(
            names = "--without",
            description = "Leave these moves out.",
            split = ",",
            paramLabel = "SAN")
    private List<String> without = List.of();

    @Option(names = "--threat", description = "What would the opponent play if we passed?")
    private boolean threat;

    @Mixin private CacheFolder cache;

    @Override
    public Integer call() {
        AnalysisRequest request;
        try {
            request = request();
        } catch (IllegalArgumentException e) {
            throw new BadInputException("This cannot be analysed: " + e.getMessage() + ".");
        }
        Position start = request.start();
        EndingTables endings = cache.endings();
        BuiltInEngine engine = new BuiltInEngine(hash, endings);
        Analysis analysis = EngineMemory.told(engine, hash, output).analyse(request);
        boolean exact = endings.probe(start.toBoard()) != Endings.UNKNOWN;
        output.print(
                document(start, analysis).put("exact", exact),
                out -> {
                    for (Analysis.Candidate c : analysis.lines()) {
                        boolean white = start.toBoard().sideToMove() == 0;
                        out.printf(
                                "%8s  %-8s %s%n",
                                c.score().text(),
                                c.expected().verdict(white).symbol(),
                                Line.numbered(start, c.line()));
                    }
                    if (analysis.lines().isEmpty()) {
                        out.println(start.inCheck() ? "Checkmate." : "Stalemate.");
                    }
                    if (exact) {
                        out.println("exact");
                    }
                    out.printf(
                            "depth %d, %,d nodes, %,d ms%n",
                            analysis.depth(), analysis.nodes(), analysis.millis());
                });
        return 0;
    }

    private AnalysisRequest request() {
        Position given = position.position();
        AnalysisRequest request =
                threat
                        ? AnalysisRequest.threat(given, limits())
                        : AnalysisRequest.of(given, limits());
        request = request.withLines(lines).withThreads(threads);
        if (!among.isEmpty()) {
            request = request.among(MoveWords.each(request.start(), among));
        }
        return without.isEmpty()
                ? request
                : request.without(MoveWords.each(request.start(), without));
    }

    private Limits limits() {
        if (depth == null && nodes == null && millis == null) {
            return Limits.millis(DEFAULT_MILLIS);
        }
        return new Limits(
                depth == null ? Limits.MAX_DEPTH : depth,
                nodes == null ? Long.MAX_VALUE : nodes,
                millis == null ? Long.MAX_VALUE : millis);
    }

    private static ObjectNode document(Position start, Analysis analysis) {
        ObjectNode document = Output.document();
        ArrayNode lines = document.putArray("lines");
        for (Analysis.Candidate c : analysis.lines()) {
            List<String> pv = Line.san(start, c.line());
            ObjectNode line = lines.addObject().put("move", pv.get(0));
            line.set("score", Output.node(Output.score(c.score())));
            line.put("expected", c.expected().value()).put("depth", c.depth());
            line.set("pv", Output.node(pv));
        }
        ArrayNode byDepth = document.putArray("byDepth");
        for (Analysis.DepthBest best : analysis.byDepth()) {
            ObjectNode entry = byDepth.addObject().put("depth", best.depth());
            entry.put("move", San.write(start, best.move()));
            entry.set("score", Output.node(Output.score(best.score())));
        }
        return document.put("nodes", analysis.nodes()).put("millis", analysis.millis());
    }
}
