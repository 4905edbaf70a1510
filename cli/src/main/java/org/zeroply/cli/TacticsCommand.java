package org.zeroply.cli;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.match.Contestant;
import org.zeroply.engine.match.MatchGame;
import org.zeroply.engine.match.RandomOpenings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.TacticsFinder;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "tactics",
        description = {
            "Plays weak games and writes positions of them with one winning move that a short look",
            "misses: a set for the suite command."
        })
final class TacticsCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Option(names = "--count", description = "How many positions.", paramLabel = "N")
    private int count = 200;

    @Option(names = "--nodes", description = "Nodes of the deep search.", paramLabel = "N")
    private long nodes = 1_000_000;

    @Option(names = "--weak", description = "Nodes a move of the games.", paramLabel = "N")
    private long weak = 150;

    @Option(names = "--seed", description = "Number of the first opening.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--threads", description = "Games at a time.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--out", required = true, description = "EPD file.", paramLabel = "FILE")
    private Path file;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    private final Set<Position> seen = new HashSet<>();

    @Override
    public Integer call() throws IOException {
        if (count < 1 || nodes < 1 || weak < 1 || threads < 1) {
            throw new BadInputException("Count, nodes and threads must be positive.");
        }
        AtomicLong next = new AtomicLong(seed);
        AtomicInteger found = new AtomicInteger();
        try (BufferedWriter writer = Files.newBufferedWriter(file)) {
            Workers.run(threads, () -> work(next, found, writer));
        }
        output.print(
                Output.document().put("positions", found.get()),
                out -> out.println(found.get() + " positions"));
        return 0;
    }

    private void work(AtomicLong next, AtomicInteger found, BufferedWriter writer) {
        BuiltInEngine engine = new BuiltInEngine(64);
        TacticsFinder finder = new TacticsFinder(engine, nodes);
        RandomOpenings openings = new RandomOpenings(engine);
        Contestant player = new Contestant(engine, Limits.nodes(weak));
        while (found.get() < count) {
            long number = next.getAndIncrement();
            List<Move> opening = openings.opening(number);
            MatchGame game = MatchGame.play(player, player, opening, new Cancellation());
            Position now = Position.START;
            for (Move move : opening) {
                now = now.play(move);
            }
            for (int i = 0; i < game.moves().size() && found.get() < count; i++) {
                now = now.play(game.moves().get(i));
                if (isNew(now)) {
                    Position position = now;
                    finder.find(now).ifPresent(c -> write(position, c, number, found, writer));
                }
            }
        }
    }

    private boolean isNew(Position position) {
        synchronized (seen) {
            return seen.add(position);
        }
    }

    private void write(
            Position position,
            Analysis.Candidate best,
            long game,
            AtomicInteger found,
            BufferedWriter writer) {
        synchronized (writer) {
            int number = found.incrementAndGet();
            if (number > count) {
                found.decrementAndGet();
                return;
            }
            String[] fields = position.fen().split(" ");
            String four = String.join(" ", List.of(fields).subList(0, 4));
            try {
                writer.write(
                        String.format(
                                "%s bm %s; id \"own %03d\"; c0 \"%s, game %d\";%n",
                                four,
                                San.write(position, best.move()),
                                number,
                                best.score().text(),
                                game));
                writer.flush();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            spec.commandLine().getErr().println(number + " of " + count);
        }
    }
}
