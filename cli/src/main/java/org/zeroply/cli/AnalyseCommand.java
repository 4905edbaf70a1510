package org.zeroply.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "analyse", description = "Finds the candidates of a position.")
final class AnalyseCommand implements Callable<Integer> {

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
    private int hash = 128;

    @Override
    public Integer call() {
        Position start = position.position();
        AnalysisRequest request;
        try {
            request = AnalysisRequest.of(start, limits()).withLines(lines).withThreads(threads);
        } catch (IllegalArgumentException e) {
            throw new BadInputException("Bad limits: " + e.getMessage() + ".");
        }
        Analysis analysis = new BuiltInEngine(hash).analyse(request);
        output.print(
                document(start, analysis),
                out -> {
                    for (Analysis.Candidate c : analysis.lines()) {
                        boolean white = start.toBoard().sideToMove() == 0;
                        out.printf(
                                "%8s  %-8s %s%n",
                                c.score().text(),
                                c.score().verdict(white).symbol(),
                                Line.numbered(start, c.line()));
                    }
                    if (analysis.lines().isEmpty()) {
                        out.println(start.inCheck() ? "Checkmate." : "Stalemate.");
                    }
                    out.printf(
                            "depth %d, %,d nodes, %,d ms%n",
                            analysis.depth(), analysis.nodes(), analysis.millis());
                });
        return 0;
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
            line.put("expected", c.expected()).put("depth", c.depth());
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
