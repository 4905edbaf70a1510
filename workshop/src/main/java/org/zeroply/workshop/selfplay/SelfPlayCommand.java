package org.zeroply.workshop.selfplay;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.JudgeOption;
import org.zeroply.workshop.command.Refusal;
import org.zeroply.workshop.command.SideBySideWork;
import org.zeroply.workshop.match.MatchResult;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Plays and writes a file for each thread; the same options give the same files. */
@Command(
        name = "selfplay",
        description = "Plays games of the engine with itself and writes their quiet positions.")
public final class SelfPlayCommand implements Callable<Integer> {

    private static final int TOLD_EVERY = 1000;

    @Mixin private Answer answer;
    @Mixin private JudgeOption judge;

    @Option(names = "--games", description = "How many games.", paramLabel = "N")
    private int games = 100;

    @Option(names = "--nodes", description = "Nodes a move.", paramLabel = "N")
    private long nodes = 1000;

    @Option(names = "--seed", description = "Number of the first opening.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--threads", description = "Games at a time.", paramLabel = "T")
    private int threads = 1;

    @Option(
            names = "--out",
            required = true,
            description = "Folder for the files of positions.",
            paramLabel = "DIR")
    private Path folder;

    private final AtomicLong positions = new AtomicLong();

    /** Games by points of White: lost, drawn, won. */
    private final AtomicInteger[] outcomes = {
        new AtomicInteger(), new AtomicInteger(), new AtomicInteger()
    };

    @Override
    public Integer call() throws IOException {
        if (games < 1 || nodes < 1 || threads < 1) {
            throw new Refusal("Games, nodes and threads must be positive.");
        }
        Files.createDirectories(folder);
        SideBySideWork.run(threads, this::play);
        MatchResult result =
                MatchResult.ofSingles(outcomes[2].get(), outcomes[1].get(), outcomes[0].get());
        ObjectNode document = Answer.document().put("games", result.games());
        document.put("score", result.score()).put("elo", result.elo());
        document.put("error", result.error()).put("positions", positions.get());
        answer.print(
                document,
                String.format(
                        "%,d games, White scored %.1f; %,d quiet positions",
                        result.games(), result.score(), positions.get()));
        return 0;
    }

    private void play(int part) throws IOException {
        Engine engine = ShortSearches.engine(judge.judge());
        Path file = folder.resolve("positions-" + seed + "-" + part + PositionFiles.ENDING);
        Limits limits = ShortSearches.limits(nodes);
        try (OutputStream out = Files.newOutputStream(file)) {
            for (long n = seed + part; n < seed + games; n += threads) {
                LearningGame.Played played = LearningGame.play(engine, limits, n);
                ByteBuffer buffer =
                        ByteBuffer.allocate(played.positions().size() * JudgedPosition.BYTES);
                played.positions().forEach(p -> p.write(buffer));
                out.write(buffer.array());
                positions.addAndGet(played.positions().size());
                outcomes[played.points()].incrementAndGet();
                tell();
            }
        }
    }

    private void tell() {
        int done = outcomes[0].get() + outcomes[1].get() + outcomes[2].get();
        if (done % TOLD_EVERY == 0) {
            answer.progress(String.format("%,d games, %,d positions", done, positions.get()));
        }
    }
}
