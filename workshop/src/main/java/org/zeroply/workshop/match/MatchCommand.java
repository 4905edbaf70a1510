package org.zeroply.workshop.match;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.network.StaticJudge;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.RandomOpenings;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.JudgeOption;
import org.zeroply.workshop.command.Refusal;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The engine against itself as it was, or judging by something else, or against any program. */
@Command(
        name = "match",
        description =
                "Plays this engine against an earlier version, another program, or itself with another "
                        + "judge, over random openings with both colours.")
public final class MatchCommand implements Callable<Integer> {

    /** Wald's bounds for errors of both kinds of 5%: log(0.95 / 0.05). */
    private static final double DECIDED = Math.log(0.95 / 0.05);

    @Mixin private Answer answer;
    @Mixin private JudgeOption judge;

    @Mixin private OpponentOption opponent;

    @Option(names = "--games", description = "Games at most, in pairs.", paramLabel = "N")
    private int games = 100;

    @Option(names = "--movetime", description = "Milliseconds a move.", paramLabel = "MS")
    private Long millis;

    @Option(names = "--nodes", description = "Nodes a move.", paramLabel = "N")
    private Long nodes;

    @Option(names = "--threads", description = "Games at a time.", paramLabel = "T")
    private int threads = 1;

    @Option(
            names = "--engine-threads",
            description = "Threads this engine uses for a move; the opponent uses one.",
            paramLabel = "T")
    private int engineThreads = 1;

    @Option(names = "--seed", description = "Number of the first opening.", paramLabel = "N")
    private long seed = 1;

    @Option(
            names = "--cache",
            description = "Folder of the ending tables; the user's cache if left out.",
            paramLabel = "DIR")
    private Path cache;

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

    @Override
    public Integer call() throws IOException {
        if (games < 2 || threads < 1 || engineThreads < 1 || !sprt.isEmpty() && sprt.size() != 2) {
            throw new Refusal("Bad number of games, threads or bounds.");
        }
        StaticJudge own = judge.judge();
        Endings endings = noEndings ? Endings.NONE : tables();
        Limits limits =
                nodes != null ? Limits.nodes(nodes) : Limits.millis(millis == null ? 100 : millis);
        Supplier<Contestant> first =
                () ->
                        new Contestant(
                                new BuiltInEngine(opponent.hash(), own, endings),
                                limits,
                                engineThreads);
        Supplier<Engine> others = opponent.engines(endings, answer::progress);
        Supplier<Contestant> second = () -> new Contestant(others.get(), limits, 1);
        Engine judgeOfOpenings =
                new BuiltInEngine(8, StaticJudge.ofTerms(Weights.shipped()), Endings.NONE);
        Match match = new Match(first, second, new RandomOpenings(judgeOfOpenings), seed);
        MatchResult result;
        try {
            result = match.play((games + 1) / 2, threads, this::watch, decided);
        } catch (IllegalStateException e) {
            if (e.getCause() instanceof UncheckedIOException) {
                throw new Refusal("The games cannot be written to " + pgn + ".");
            }
            if (e.getCause() instanceof EngineFailure) {
                throw new Refusal(e.getCause().getMessage());
            }
            throw e;
        }
        answer.print(document(result), text(result));
        return 0;
    }

    private Endings tables() {
        return cache == null ? EndingTables.ofUser() : new EndingTables(cache);
    }

    private void watch(MatchGame asWhite, MatchGame asBlack, MatchResult result) {
        if (pgn != null) {
            int round = result.games() / 2;
            String second = opponent.name();
            String games =
                    asWhite.pgn(round, BuiltInEngine.NAME, second)
                            + "\n"
                            + asBlack.pgn(round, second, BuiltInEngine.NAME)
                            + "\n";
            try {
                Files.writeString(pgn, games, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        answer.progress(text(result));
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
        ObjectNode document = Answer.document().put("games", r.games()).put("score", r.score());
        document.put("wins", r.wins()).put("draws", r.draws()).put("losses", r.losses());
        document.put("elo", r.elo()).put("error", r.error());
        if (!sprt.isEmpty()) {
            document.put("llr", r.logLikelihoodRatio(sprt.get(0), sprt.get(1)));
        }
        return document;
    }
}
