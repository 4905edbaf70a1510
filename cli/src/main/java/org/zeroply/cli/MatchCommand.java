package org.zeroply.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.match.Contestant;
import org.zeroply.engine.match.Match;
import org.zeroply.engine.match.MatchGame;
import org.zeroply.engine.match.MatchResult;
import org.zeroply.engine.match.RandomOpenings;
import org.zeroply.engine.protocol.UciEngine;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "match",
        description = {
            "Plays this engine against another program, or against itself with other weights,",
            "over random openings with both colours."
        })
final class MatchCommand implements Callable<Integer> {

    /** Wald's bounds for errors of both kinds of 5%: log(0.95 / 0.05). */
    private static final double DECIDED = Math.log(0.95 / 0.05);

    @Mixin private CacheFolder cache;
    @Mixin private Output output;

    @Option(
            names = "--against",
            description = "Command line of a program that serves UCI.",
            paramLabel = "COMMAND")
    private String command;

    @Option(names = "--weights", description = "Weights of this engine.", paramLabel = "FILE")
    private Path weights;

    @Option(
            names = "--against-weights",
            description = "Weights of the opponent, instead of a program.",
            paramLabel = "FILE")
    private Path otherWeights;

    @Option(names = "--games", description = "Games at most, in pairs.", paramLabel = "N")
    private int games = 100;

    @Option(names = "--movetime", description = "Milliseconds a move.", paramLabel = "MS")
    private Long millis;

    @Option(names = "--nodes", description = "Nodes a move.", paramLabel = "N")
    private Long nodes;

    @Option(names = "--threads", description = "Games at a time.", paramLabel = "T")
    private int threads = 1;

    @Option(names = "--hash", description = "Memory for each player in MiB.", paramLabel = "MB")
    private int hash = 32;

    @Option(names = "--seed", description = "Number of the first opening.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--no-endings", description = "Do without exact endings.")
    private boolean noEndings;

    @Option(
            names = "--sprt",
            description = "Stop when it is clear which of two Elo differences holds: LOW,HIGH.",
            split = ",",
            arity = "1",
            paramLabel = "LOW,HIGH")
    private List<Double> sprt = List.of();

    @Option(names = "--pgn", description = "Adds the games to this file.", paramLabel = "FILE")
    private Path pgn;

    private final Cancellation decided = new Cancellation();

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if (games < 2 || threads < 1 || !sprt.isEmpty() && sprt.size() != 2) {
            throw new BadInputException("Bad number of games, threads or bounds.");
        }
        Weights own = read(weights);
        Weights other = read(otherWeights);
        Endings endings = noEndings ? Endings.NONE : cache.endings();
        Limits limits =
                nodes != null ? Limits.nodes(nodes) : Limits.millis(millis == null ? 100 : millis);
        Supplier<Contestant> first =
                () -> new Contestant(new BuiltInEngine(hash, own, endings), limits);
        Supplier<Contestant> second = () -> new Contestant(opponent(other, endings), limits);
        Match match = new Match(first, second, new RandomOpenings(new BuiltInEngine(8)), seed);
        MatchResult result;
        try {
            result = match.play((games + 1) / 2, threads, this::watch, decided);
        } catch (IllegalStateException e) {
            if (e.getCause() instanceof UncheckedIOException) {
                throw new BadInputException("The games cannot be written to " + pgn + ".");
            }
            if (e.getCause() instanceof EngineFailure) {
                throw new BadInputException(e.getCause().getMessage());
            }
            throw e;
        }
        output.print(document(result), out -> out.println(text(result)));
        return 0;
    }

    private static Weights read(Path file) throws IOException {
        try {
            return file == null ? Weights.shipped() : Weights.read(TextFile.read(file));
        } catch (IllegalArgumentException e) {
            throw new BadInputException(file + ": " + e.getMessage());
        }
    }

    private Engine opponent(Weights other, Endings endings) {
        if (command == null) {
            return new BuiltInEngine(hash, other, endings);
        }
        return new UciEngine(
                List.of(command.trim().split("\\s+")),
                Map.of("Hash", Integer.toString(hash)),
                UciEngine.Patience.USUAL);
    }

    private void watch(MatchGame asWhite, MatchGame asBlack, MatchResult result) {
        if (pgn != null) {
            int round = result.games() / 2;
            String games = pgn(asWhite, round, true) + "\n" + pgn(asBlack, round, false) + "\n";
            try {
                Files.writeString(pgn, games, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        progress(result);
    }

    private String pgn(MatchGame game, int round, boolean firstIsWhite) {
        String first = BuiltInEngine.NAME;
        String second = command != null ? "opponent" : first + " with other weights";
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("Event", "Match of engines");
        editor.tag("Round", Integer.toString(round));
        editor.tag("White", firstIsWhite ? first : second);
        editor.tag("Black", firstIsWhite ? second : first);
        editor.tag("Result", game.outcome().result());
        List<Move> moves = new ArrayList<>(game.opening());
        moves.addAll(game.moves());
        editor.addLine(editor.tree().root(), moves);
        return PgnWriter.write(editor.tree());
    }

    private void progress(MatchResult result) {
        spec.commandLine().getErr().println(text(result));
        if (!sprt.isEmpty()
                && Math.abs(result.logLikelihoodRatio(sprt.get(0), sprt.get(1))) >= DECIDED) {
            decided.cancel();
        }
    }

    private String text(MatchResult r) {
        String ratio =
                sprt.isEmpty()
                        ? ""
                        : String.format(
                                ", log likelihood ratio %.2f of ±%.2f",
                                r.logLikelihoodRatio(sprt.get(0), sprt.get(1)), DECIDED);
        return String.format(
                "%d games: +%d =%d -%d, %.1f%%, Elo %+.0f ± %.0f%s",
                r.games(),
                r.wins(),
                r.draws(),
                r.losses(),
                100 * r.score() / Math.max(1, r.games()),
                r.elo(),
                r.error(),
                ratio);
    }

    private ObjectNode document(MatchResult r) {
        ObjectNode document = Output.document().put("games", r.games()).put("score", r.score());
        document.put("wins", r.wins()).put("draws", r.draws()).put("losses", r.losses());
        document.put("elo", r.elo()).put("error", r.error());
        if (!sprt.isEmpty()) {
            document.put("llr", r.logLikelihoodRatio(sprt.get(0), sprt.get(1)));
        }
        return document;
    }
}
