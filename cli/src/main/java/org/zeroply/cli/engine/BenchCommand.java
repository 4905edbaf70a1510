package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.EngineMemory;
import org.zeroply.cli.console.EpdFile;
import org.zeroply.cli.console.Output;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code bench}. */
@Command(
        name = "bench",
        description =
                "Searches fixed positions, or those of a file, to a fixed depth. The number of nodes "
                        + "changes only when the search or the evaluation does; the speed tells of the machine "
                        + "too. Several threads are measured beside one.")
public final class BenchCommand implements Callable<Integer> {

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

    @Parameters(arity = "0..1", paramLabel = "FILE.epd", description = "Positions to search.")
    private Path file;

    @Option(names = "--depth", description = "Plies.", paramLabel = "N")
    private int depth = 14;

    @Option(names = "--threads", description = "Threads to use.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--hash", description = "Memory in MiB.", paramLabel = "MB")
    private int hash = 128;

    @Option(
            names = "--repeat",
            description = "Search each position so often; its best speed counts.",
            paramLabel = "N")
    private int repeat = 1;

    private BuiltInEngine engine;
    private Limits limits;

    @Override
    public Integer call() throws IOException {
        try {
            // A time far off: so that one thread and several work with the same table.
            limits = new Limits(depth, Long.MAX_VALUE, TimeUnit.DAYS.toMillis(1));
            AnalysisRequest.of(Position.START, limits).withThreads(threads);
        } catch (IllegalArgumentException e) {
            throw new BadInputException("Bad limits: " + e.getMessage() + ".");
        }
        if (repeat < 1) {
            throw new BadInputException("Each position has to be searched at least once.");
        }
        engine = EngineMemory.told(new BuiltInEngine(hash), hash, output);
        List<Position> positions = positions();
        warmUp(positions);
        Sum alone = new Sum();
        Sum together = new Sum();
        for (Position position : positions) {
            measure(position, alone, together);
        }
        print(alone, together);
        return 0;
    }

    /**
     * Once through for the compiler, which does not count. What several threads do besides is
     * compiled only once they have done it, so they take part.
     */
    private void warmUp(List<Position> positions) {
        Limits shallow = Limits.depth(Math.min(depth, WARM_UP_DEPTH));
        for (Position position : positions) {
            AnalysisRequest request = AnalysisRequest.of(position, shallow);
            engine.analyse(request);
            if (threads > 1) {
                engine.analyse(request.withThreads(threads));
            }
        }
    }

    private List<Position> positions() throws IOException {
        if (file == null) {
            return POSITIONS.stream().map(Position::fromFen).toList();
        }
        List<Position> read = new ArrayList<>();
        EpdFile.read(file, (epd, row) -> read.add(epd.position()));
        if (read.isEmpty()) {
            throw new BadInputException(file + " has no positions.");
        }
        return read;
    }

    /** One thread and several take turns, so that both meet the machine in the same state. */
    private void measure(Position position, Sum alone, Sum together) {
        alone.begin();
        together.begin();
        for (int i = 0; i < repeat; i++) {
            alone.add(search(position, 1));
            if (threads > 1) {
                together.add(search(position, threads));
            }
        }
        alone.end();
        together.end();
    }

    private Analysis search(Position position, int count) {
        engine.forget();
        return engine.analyse(AnalysisRequest.of(position, limits).withThreads(count));
    }

    private void print(Sum alone, Sum together) {
        ObjectNode document = Output.document().put("nodes", alone.nodes / repeat);
        document.put("millis", alone.millis).put("nodesPerSecond", alone.speed());
        if (threads > 1) {
            ObjectNode shared = document.putObject("together").put("threads", threads);
            shared.put("nodes", together.nodes / repeat).put("millis", together.millis);
            shared.put("nodesPerSecond", together.speed());
            shared.put("timesAsFast", alone.millis / (double) Math.max(1, together.millis));
        }
        output.print(
                document,
                out -> {
                    out.printf("%,d nodes, %s%n", alone.nodes / repeat, alone.text());
                    if (threads > 1) {
                        out.printf(
                                "%d threads: %s, %.2f times as fast to the depth%n",
                                threads,
                                together.text(),
                                alone.millis / (double) Math.max(1, together.millis));
                    }
                });
    }

    /** Nodes and times of searches; the speed is that of the best search of each position. */
    private static final class Sum {
        private long nodes;
        private long millis;
        private double bestNodes;
        private double bestMillis;
        private Optional<Analysis> best = Optional.empty();

        void begin() {
            best = Optional.empty();
        }

        void add(Analysis analysis) {
            nodes += analysis.nodes();
            millis += analysis.millis();
            if (best.isEmpty() || speed(analysis) > speed(best.get())) {
                best = Optional.of(analysis);
            }
        }

        void end() {
            best.ifPresent(
                    analysis -> {
                        bestNodes += analysis.nodes();
                        bestMillis += analysis.millis();
                    });
        }

        private static double speed(Analysis analysis) {
            return analysis.nodes() / (double) Math.max(1, analysis.millis());
        }

        long speed() {
            return Math.round(bestNodes * 1000 / Math.max(1, bestMillis));
        }

        String text() {
            return String.format("%,d ms, %,d nodes a second", millis, speed());
        }
    }
}
