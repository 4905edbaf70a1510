package org.zeroply.cli.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.structure.StructureComparison;
import org.zeroply.coach.insight.FactSink;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;

/**
 * The command {@code insight}: all facts of a position, or with a question behind it one answer.
 */
@Command(
        name = "insight",
        description =
                "What a position holds: facts with the squares that prove them, those seen at a glance "
                        + "and those that take a search. Or one of the questions below.",
        subcommands = {
            InsightMovesCommand.class,
            InsightAfterCommand.class,
            InsightRouteCommand.class,
            InsightContestCommand.class,
            InsightExchangesCommand.class,
            InsightMeasureCommand.class,
            InsightVerifyCommand.class
        })
public final class InsightCommand implements Callable<Integer> {

    private static final int MEGABYTES = 16;

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(
            names = "--nodes",
            description = "Nodes a searched question; 0 for none.",
            scope = ScopeType.INHERIT)
    private long nodes = SearchedInsight.NODES;

    @Option(
            names = "--all",
            description = "All facts of a group; three of a side if left out, what matters first.",
            scope = ScopeType.INHERIT)
    private boolean all;

    @Override
    public Integer call() {
        Position start = position();
        tell(start, StructureComparison.recaptures(start));
        return 0;
    }

    /** All facts, and the structures after these moves. */
    void tell(Position start, List<Move> compared) {
        List<Fact> facts = new ArrayList<>(Insight.of(start));
        if (nodes() > 0) {
            new SearchedInsight(engine(), nodes)
                    .search(
                            start,
                            FactSink.into(facts),
                            (part, doing) -> output.err().printf("looking for %s%n", doing),
                            new Cancellation());
        }
        FactSheet sheet = new FactSheet(start, facts, compared);
        int most = all ? Integer.MAX_VALUE : Fact.SHOWN;
        output.print(sheet.document(), out -> sheet.print(out, most));
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

    /** Nodes a searched question. */
    long nodes() {
        if (nodes < 0) {
            throw new BadInputException("The nodes must not be negative.");
        }
        return nodes;
    }

    BuiltInEngine engine() {
        return cache.engine(MEGABYTES);
    }
}
