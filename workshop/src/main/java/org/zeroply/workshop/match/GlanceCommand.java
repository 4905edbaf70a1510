package org.zeroply.workshop.match;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.network.StaticJudge;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.JudgeOption;
import org.zeroply.workshop.command.Refusal;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What a small change of the engine brings, long before a match could tell. */
@Command(
        name = "glance",
        description =
                "Lets this engine and another one choose a move in each position of a file; where "
                        + "they differ, a longer search of the other one judges both moves.")
public final class GlanceCommand implements Callable<Integer> {

    /** Positions between two lines that tell how far it is. */
    private static final int TOLD = 100;

    @Mixin private Answer answer;
    @Mixin private JudgeOption judge;
    @Mixin private OpponentOption opponent;

    @Parameters(
            paramLabel = "FILE",
            description =
                    "Positions, one a line, as FEN or EPD; rows that begin with # are skipped.")
    private Path file;

    @Option(names = "--nodes", description = "Nodes for a choice.", paramLabel = "N")
    private long nodes = 20_000;

    @Option(names = "--judge-nodes", description = "Nodes for a judgement.", paramLabel = "N")
    private long judgeNodes = 100_000;

    @Option(names = "--threads", description = "Positions at a time.", paramLabel = "T")
    private int threads = 1;

    @Override
    public Integer call() throws IOException {
        if (threads < 1 || nodes < 1 || judgeNodes < 1) {
            throw new Refusal("Bad number of nodes or threads.");
        }
        List<Position> positions = read(file);
        StaticJudge own = judge.judge();
        Supplier<Engine> others = opponent.engines(Endings.NONE, answer::progress);
        ChoiceComparison comparison =
                new ChoiceComparison(
                        () -> new BuiltInEngine(opponent.hash(), own, Endings.NONE),
                        others,
                        others,
                        nodes,
                        judgeNodes);
        ChoiceComparison.Outcome outcome;
        try {
            outcome = comparison.look(positions, threads, this::watch, new Cancellation());
        } catch (EngineFailure e) {
            throw new Refusal(e.getMessage());
        }
        ObjectNode document = Answer.document().put("positions", outcome.positions());
        document.put("different", outcome.different());
        document.put("points", outcome.points()).put("error", outcome.error());
        answer.print(document, text(outcome));
        return 0;
    }

    private void watch(ChoiceComparison.Outcome outcome) {
        if (outcome.positions() % TOLD == 0) {
            answer.progress(text(outcome));
        }
    }

    private static String text(ChoiceComparison.Outcome o) {
        return String.format(
                Locale.ROOT,
                "%,d positions, %,d other moves: %+.3f ± %.3f points in 100 moves",
                o.positions(),
                o.different(),
                o.points(),
                o.error());
    }

    /** Positions in which there is something to choose. */
    private static List<Position> read(Path file) throws IOException {
        List<Position> positions = new ArrayList<>();
        try {
            Epd.each(Files.readString(file), (epd, row) -> positions.add(epd.position()));
        } catch (NotationException e) {
            throw new Refusal(file + ", " + e.getMessage());
        }
        positions.removeIf(p -> p.legalMoves().size() < 2);
        if (positions.isEmpty()) {
            throw new Refusal(file + " has no position with two moves to choose from.");
        }
        return positions;
    }
}
