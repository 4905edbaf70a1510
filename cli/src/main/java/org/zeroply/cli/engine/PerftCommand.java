package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Perft;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code perft}. */
@Command(name = "perft", description = "Counts the leaf nodes of the tree of legal moves.")
public final class PerftCommand implements Callable<Integer> {

    @Mixin private PositionOption position;
    @Mixin private Output output;

    @Option(names = "--depth", required = true, description = "Plies, 0 to 12.", paramLabel = "N")
    private int depth;

    @Override
    public Integer call() {
        Position start = position.position();
        if (depth < 0 || depth > 12) {
            throw new BadInputException("The depth must be 0 to 12, not " + depth + ".");
        }
        long began = System.nanoTime();
        long nodes = Perft.count(start, depth);
        long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        ObjectNode document = Output.document().put("nodes", nodes).put("millis", millis);
        output.print(
                document,
                out -> {
                    out.printf("%,d leaf nodes in %,d ms", nodes, millis);
                    if (millis > 0) {
                        out.printf(", %.1f million a second", nodes / 1000.0 / millis);
                    }
                    out.println();
                });
        return 0;
    }
}
