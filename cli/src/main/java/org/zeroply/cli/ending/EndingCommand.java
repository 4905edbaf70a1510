package org.zeroply.cli.ending;

import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.EndingSolver;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;

/** The command {@code ending}. */
@Command(
        name = "ending",
        description =
                "What an ending truly is: result, best moves, zugzwang, triangulation, a line. Pawn "
                        + "endings are solved, endings of up to four men looked up, all else is searched.",
        subcommands = {EndingMapCommand.class, EndingCheckCommand.class})
public final class EndingCommand implements Callable<Integer> {

    private static final int MEGABYTES = 64;

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(
            names = "--nodes",
            description = "Nodes where only a search can tell.",
            scope = ScopeType.INHERIT)
    private long nodes = EndingSolver.NODES;

    @Override
    public Integer call() {
        Position start = position();
        EndingSheet sheet = new EndingSheet(start, solve(start));
        output.print(sheet.document(), sheet::print);
        return 0;
    }

    Position position() {
        return position.position();
    }

    Output output() {
        return output;
    }

    CacheFolder cache() {
        return cache;
    }

    /** What the ending is; missing tables are told. */
    EndingReport solve(Position start) {
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        EndingTables tables = cache.endings();
        if (tables.count() < EndingTables.total()) {
            output.err()
                    .println(
                            "The exact tables of four men are not all there; some results are"
                                    + " found by search instead. To make them: zeroply endings");
        }
        // Tables read in the middle of short searches would cost more than they tell.
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES);
        return new EndingSolver(engine, tables, nodes)
                .solve(start, p -> {}, new Cancellation())
                .orElseThrow();
    }
}
