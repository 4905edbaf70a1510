package org.zeroply.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "bench",
        description = {
            "Searches fixed positions to a fixed depth. The number of nodes changes only when the",
            "search or the evaluation does; the speed tells of the machine too."
        })
final class BenchCommand implements Callable<Integer> {

    /** Middlegames of our own games and constructions, and two endings. */
    private static final List<String> POSITIONS =
            List.of(
                    "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9",
                    "r2q1rk1/1b1nbppp/p2ppn2/1p6/3NPP2/1BN1B3/PPP3PP/R2Q1RK1 w - - 0 12",
                    "r1b2rk1/2q1bppp/p1nppn2/1p6/3NP3/1BN1BP2/PPPQ2PP/R4RK1 b - - 0 12",
                    "2rq1rk1/pb1nbppp/1p2pn2/2pp4/2PP4/1P1BPN2/PB1NQPPP/2R2RK1 w - - 0 12",
                    "r4rk1/pp1qbppp/2n1b3/3p4/3N4/1P2B3/P1Q1BPPP/R2R2K1 b - - 0 16",
                    "r1bqr1k1/pp1n1pbp/2pp1np1/8/2PNP3/2N1BP2/PP1QB1PP/R4RK1 w - - 0 12",
                    "3r1rk1/pp3ppp/1qn1pn2/3p4/3P1B2/P1P2N1P/1P3PP1/R2Q1RK1 w - - 0 16",
                    "2r2rk1/1p1bqppp/p2p1n2/4p3/4P1P1/1NN2P2/PPPQ3P/1K1R3R b - - 0 17",
                    "8/5pk1/4p1p1/3pP2p/1r1P1P1P/4K1P1/4R3/8 w - - 0 40",
                    "8/2k2p2/1p2p1p1/p1p1P1Pp/P1P1KP1P/1P6/8/8 w - - 0 45");

    private static final int WARM_UP_DEPTH = 13;

    @Mixin private Output output;

    @Option(names = "--depth", description = "Plies.", paramLabel = "N")
    private int depth = 14;

    @Option(names = "--threads", description = "Threads to use.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--hash", description = "Memory in MiB.", paramLabel = "MB")
    private int hash = 128;

    @Override
    public Integer call() {
        Limits limits;
        try {
            limits = Limits.depth(depth);
            AnalysisRequest.of(Position.START, limits).withThreads(threads);
        } catch (IllegalArgumentException e) {
            throw new BadInputException("Bad limits: " + e.getMessage() + ".");
        }
        BuiltInEngine engine = new BuiltInEngine(hash);
        // Once through to warm the compiler up; this does not count.
        POSITIONS.forEach(fen -> search(engine, fen, Limits.depth(Math.min(depth, WARM_UP_DEPTH))));
        long nodes = 0;
        long millis = 0;
        for (String fen : POSITIONS) {
            engine.forget();
            Analysis analysis = search(engine, fen, limits);
            nodes += analysis.nodes();
            millis += analysis.millis();
        }
        long perSecond = nodes * 1000 / Math.max(1, millis);
        ObjectNode document = Output.document().put("nodes", nodes).put("millis", millis);
        long total = nodes;
        long time = millis;
        output.print(
                document.put("nodesPerSecond", perSecond),
                out ->
                        out.printf(
                                "%,d nodes, %,d ms, %,d nodes a second%n", total, time, perSecond));
        return 0;
    }

    private Analysis search(BuiltInEngine engine, String fen, Limits limits) {
        Position position = Position.fromFen(fen);
        return engine.analyse(AnalysisRequest.of(position, limits).withThreads(threads));
    }
}
