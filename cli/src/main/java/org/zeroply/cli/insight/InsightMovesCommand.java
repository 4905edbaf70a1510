package org.zeroply.cli.insight;

import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.MoveWords;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight moves}. */
@Command(
        name = "moves",
        description = "All facts, and the structures that these moves lead to, side by side.")
final class InsightMovesCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    @Parameters(
            arity = "1..*",
            paramLabel = "MOVES",
            split = ",",
            description = "Moves in SAN, with commas.")
    private List<String> moves;

    @Override
    public Integer call() {
        Position start = insight.position();
        insight.tell(start, MoveWords.each(start, moves));
        return 0;
    }
}
