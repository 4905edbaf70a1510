package org.zeroply.workshop.suite;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.RandomOpenings;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.Refusal;
import org.zeroply.workshop.command.SideBySideWork;
import org.zeroply.workshop.match.Contestant;
import org.zeroply.workshop.match.MatchGame;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Plays games of the engine with itself and looks in them for positions with one key move. */
abstract class KeySearchCommand implements Callable<Integer> {

    @Mixin private Answer answer;

    @Option(names = "--count", description = "How many positions.", paramLabel = "N")
    private int count = 200;

    @Option(names = "--nodes", description = "Nodes of the deepest search.", paramLabel = "N")
    private long nodes;

    @Option(names = "--play", description = "Nodes a move of the games.", paramLabel = "N")
    private long weak;

    @Option(names = "--seed", description = "Number of the first opening.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--threads", description = "Games at a time.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--out", required = true, description = "EPD file.", paramLabel = "FILE")
    private Path file;

    private final int mostOfAGame;
    private final Set<Position> seen = new HashSet<>();

    /**
     * @param nodes of the deepest search, where none are given
     * @param weak nodes a move of the games, where none are given
     * @param mostOfAGame how many positions of one game may come into the set
     */
    KeySearchCommand(long nodes, long weak, int mostOfAGame) {
        this.nodes = nodes;
        this.weak = weak;
        this.mostOfAGame = mostOfAGame;
    }

    /** What tells whether a position has a key. */
    abstract KeyFinder finder(Engine engine, long deepest);

    @Override
    public Integer call() throws IOException {
        if (count < 1 || nodes < 1 || weak < 1 || threads < 1) {
            throw new Refusal("Count, nodes and threads must be positive.");
        }
        AtomicLong next = new AtomicLong(seed);
        AtomicInteger found = new AtomicInteger();
        try (BufferedWriter writer = Files.newBufferedWriter(file)) {
            SideBySideWork.run(threads, t -> work(next, found, writer));
        }
        answer.print(Answer.document().put("positions", found.get()), found.get() + " positions");
        return 0;
    }

    private void work(AtomicLong next, AtomicInteger found, BufferedWriter writer)
            throws IOException {
        BuiltInEngine engine = new BuiltInEngine(64);
        KeyFinder finder = finder(engine, nodes);
        RandomOpenings openings = new RandomOpenings(engine);
        Contestant player = new Contestant(engine, Limits.nodes(weak), 1);
        while (found.get() < count) {
            long number = next.getAndIncrement();
            List<Move> opening = openings.opening(number);
            MatchGame game = MatchGame.play(player, player, opening, new Cancellation());
            Position now = Position.START.play(opening);
            int ofGame = 0;
            for (int i = 0; i < game.moves().size() && found.get() < count; i++) {
                now = now.play(game.moves().get(i));
                if (ofGame < mostOfAGame && isNew(now)) {
                    Optional<Analysis.Candidate> best = finder.find(now);
                    if (best.isPresent()) {
                        write(now, best.get(), number, found, writer);
                        ofGame++;
                    }
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
            BufferedWriter writer)
            throws IOException {
        synchronized (writer) {
            int number = found.incrementAndGet();
            if (number > count) {
                found.decrementAndGet();
                return;
            }
            String[] fields = position.fen().split(" ");
            String four = String.join(" ", List.of(fields).subList(0, 4));
            writer.write(
                    String.format(
                            "%s bm %s; id \"own %03d\"; c0 \"%s, game %d\";%n",
                            four,
                            San.write(position, best.move()),
                            number,
                            best.score().text(),
                            game));
            writer.flush();
            answer.progress(number + " of " + count);
        }
    }
}
