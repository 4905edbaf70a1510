package org.zeroply.workshop.selfplay;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicLong;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.JudgeOption;
import org.zeroply.workshop.command.Refusal;
import org.zeroply.workshop.command.SideBySideWork;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Looks at positions longer than they were looked at in their games. Positions come quickly out of
 * short searches; what they are worth is told better by long ones (docs/engine-log.md). The same
 * files and options give the same positions; threads only share them.
 */
@Command(
        name = "rescore",
        description = "Searches positions that selfplay wrote again, and writes the new scores.")
public final class RescoreCommand implements Callable<Integer> {

    /** So many positions, mostly of one game, are searched with what was found before. */
    private static final int BLOCK = 64;

    private static final int TOLD_EVERY = 100_000;

    @Mixin private Answer answer;
    @Mixin private JudgeOption judge;

    @Parameters(
            paramLabel = "PATH",
            arity = "1..*",
            description = "Files of positions, or folders of them.")
    private List<Path> paths;

    @Option(
            names = "--out",
            required = true,
            description = "Folder for the files of positions.",
            paramLabel = "DIR")
    private Path folder;

    @Option(names = "--nodes", description = "Nodes a position.", paramLabel = "N")
    private long nodes = 2000;

    @Option(
            names = "--every",
            description = "Take one position of so many: neighbours are much alike.",
            paramLabel = "N")
    private int every = 1;

    @Option(names = "--threads", description = "Threads to use.", paramLabel = "T")
    private int threads = 1;

    private final AtomicLong searched = new AtomicLong();
    private final AtomicLong written = new AtomicLong();

    @Override
    public Integer call() throws IOException {
        if (nodes < 1 || every < 1 || threads < 1) {
            throw new Refusal("Nodes, threads and what one is taken of must be positive.");
        }
        List<Path> files = PositionFiles.in(paths);
        Files.createDirectories(folder);
        for (Path file : files) {
            for (int part = 0; part < threads; part++) {
                if (Files.exists(target(file, part))) {
                    throw new Refusal(target(file, part) + " is there already.");
                }
            }
        }
        for (Path file : files) {
            List<JudgedPosition> positions = PositionFiles.read(file);
            SideBySideWork.run(threads, part -> rescore(positions, target(file, part), part));
        }
        answer.print(
                Answer.document().put("searched", searched.get()).put("positions", written.get()),
                String.format(
                        "%,d positions searched, %,d of them quiet and undecided",
                        searched.get(), written.get()));
        return 0;
    }

    private Path target(Path file, int part) {
        String name = file.getFileName().toString();
        String stem = name.substring(0, name.length() - PositionFiles.ENDING.length());
        return folder.resolve(stem + "-" + part + PositionFiles.ENDING);
    }

    private void rescore(List<JudgedPosition> positions, Path to, int part) throws IOException {
        Engine engine = ShortSearches.engine(judge.judge());
        Limits limits = ShortSearches.limits(nodes);
        int chosen = (positions.size() + every - 1) / every;
        ByteBuffer block = ByteBuffer.allocate(BLOCK * JudgedPosition.BYTES);
        try (OutputStream out = Files.newOutputStream(to)) {
            for (int from = part * BLOCK; from < chosen; from += threads * BLOCK) {
                engine.forget();
                for (int i = from; i < Math.min(chosen, from + BLOCK); i++) {
                    rescored(positions.get(i * every), engine, limits)
                            .ifPresent(p -> p.write(block));
                    tell();
                }
                out.write(block.array(), 0, block.position());
                written.addAndGet(block.position() / JudgedPosition.BYTES);
                block.clear();
            }
        }
    }

    private static Optional<JudgedPosition> rescored(
            JudgedPosition position, Engine engine, Limits limits) {
        AnalysisRequest request =
                new AnalysisRequest(position.position(), List.of(), limits, 1, List.of(), 1);
        Analysis.Candidate best = engine.analyse(request).best().orElseThrow();
        return ShortSearches.teaches(best)
                ? Optional.of(position.withScore(best.score().ordinal()))
                : Optional.empty();
    }

    private void tell() {
        long done = searched.incrementAndGet();
        if (done % TOLD_EVERY == 0) {
            answer.progress(String.format("%,d positions searched", done));
        }
    }
}
