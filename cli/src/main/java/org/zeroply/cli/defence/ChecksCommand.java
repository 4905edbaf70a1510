package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.checks.CheckSearch;
import org.zeroply.engine.checks.CheckSequence;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code checks}. */
@Command(
        name = "checks",
        description = "Does the side to move have enough checks? Searches nothing but checks.")
public final class ChecksCommand implements Callable<Integer> {

    @Mixin private PositionOption position;
    @Mixin private Output output;

    @Option(names = "--most", description = "The longest series, in checks.", paramLabel = "N")
    private int most = 20;

    @Option(names = "--nodes", description = "Positions to visit at most.", paramLabel = "N")
    private long nodes = 5_000_000;

    @Override
    public Integer call() {
        Position start = position.position();
        if (most < 1 || nodes < 1) {
            throw new BadInputException("The limits must be positive.");
        }
        CheckSequence found = new CheckSearch(nodes, new Cancellation()).search(start, most);
        ObjectNode document =
                Output.document().put("outcome", found.outcome().name().toLowerCase(Locale.ROOT));
        document.set("line", Output.node(Line.san(start, found.line())));
        output.print(
                document.put("nodes", found.nodes()),
                out -> {
                    out.println(words(found.outcome()));
                    out.println(Line.numbered(start, found.line()));
                });
        return 0;
    }

    private static String words(CheckSequence.Outcome outcome) {
        return switch (outcome) {
            case MATES -> "The checks lead to mate.";
            case GOES_ON -> "The checks go on for ever.";
            case RUNS_OUT -> "The checks run out.";
            case UNCLEAR -> "Unclear: not settled within the limits.";
        };
    }
}
