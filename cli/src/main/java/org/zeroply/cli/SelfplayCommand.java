package org.zeroply.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.match.Contestant;
import org.zeroply.engine.match.MatchResult;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.Sample;
import org.zeroply.engine.tuning.SampleGames;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "selfplay",
        description = "Plays games of the engine with itself and writes quiet positions of them.")
final class SelfplayCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Option(names = "--games", description = "How many games.", paramLabel = "N")
    private int games = 100;

    @Option(names = "--nodes", description = "Nodes a move.", paramLabel = "N")
    private long nodes = 5000;

    @Option(names = "--seed", description = "Number of the first opening.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--threads", description = "Games at a time.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--out", required = true, description = "File to write.", paramLabel = "FILE")
    private Path file;

    /** Games by outcome: won by White, drawn, won by Black. */
    private final AtomicInteger[] outcomes = {
        new AtomicInteger(), new AtomicInteger(), new AtomicInteger()
    };

    @Override
    public Integer call() throws IOException {
        if (games < 1 || nodes < 1 || threads < 1) {
            throw new BadInputException("Games, nodes and threads must be positive.");
        }
        AtomicLong next = new AtomicLong(seed);
        AtomicLong positions = new AtomicLong();
        try (BufferedWriter writer = Files.newBufferedWriter(file)) {
            Workers.run(threads, () -> work(next, positions, writer));
        }
        MatchResult result =
                MatchResult.ofSingles(outcomes[0].get(), outcomes[1].get(), outcomes[2].get());
        ObjectNode document = Output.document().put("games", result.games());
        document.put("score", result.score()).put("elo", result.elo());
        document.put("error", result.error()).put("positions", positions.get());
        output.print(
                document,
                out ->
                        out.printf(
                                "%,d games, White scored %.1f; %,d quiet positions%n",
                                result.games(), result.score(), positions.get()));
        return 0;
    }

    private void work(AtomicLong next, AtomicLong positions, BufferedWriter writer) {
        SampleGames source =
                new SampleGames(new Contestant(new BuiltInEngine(16), Limits.nodes(nodes)));
        for (long n = next.getAndIncrement(); n < seed + games; n = next.getAndIncrement()) {
            SampleGames.Played played = source.game(n, new Cancellation());
            List<Sample> samples = played.samples();
            outcomes[played.outcome().ordinal()].incrementAndGet();
            positions.addAndGet(samples.size());
            synchronized (writer) {
                try {
                    for (Sample sample : samples) {
                        writer.write(sample.line());
                        writer.newLine();
                    }
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        }
    }
}
