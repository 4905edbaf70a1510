package org.zeroply.cli.insight;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight verify}. */
@Command(
        name = "verify",
        description =
                "Holds what is claimed of positions out of games against the rules and longer searches.")
final class InsightVerifyCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    private static final int TOLD_EVERY = 25;

    @Parameters(paramLabel = "PGN", description = "The games.")
    private Path games;

    @Option(
            names = "--positions",
            description = "How many positions (default: ${DEFAULT-VALUE}).",
            paramLabel = "N")
    private int wanted = 500;

    @Override
    public Integer call() throws IOException {
        if (wanted < 1) {
            throw new BadInputException("The number of positions must be positive.");
        }
        List<Position> positions = TruthRun.positions(games, wanted);
        TruthRun run = new TruthRun(insight.nodes(), insight.cache().endings());
        PrintWriter err = insight.output().err();
        for (int i = 0; i < positions.size(); i++) {
            run.look(positions.get(i));
            if ((i + 1) % TOLD_EVERY == 0) {
                err.printf("%d of %d positions%n", i + 1, positions.size());
            }
        }
        insight.output().print(run.document(), run::print);
        return 0;
    }
}
