package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.insight.Insight;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight after}. */
@Command(
        name = "after",
        description = "Only the facts that moves, played in turn, take away and bring.")
final class InsightAfterCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    @Parameters(
            arity = "1..*",
            paramLabel = "MOVES",
            split = "[, ]+",
            description = "Moves in SAN, with commas.")
    private List<String> moves;

    @Override
    public Integer call() {
        Position start = insight.position();
        List<Move> played = MoveWords.inTurn(start, moves);
        Position end = start.play(played);
        FactChange change =
                played.size() == 1
                        ? Insight.change(start, played.get(0))
                        : Insight.change(start, end);
        ObjectNode document = Output.document().put("fen", end.fen());
        document.setAll(FactJson.change(start, end, change));
        insight.output().print(document, out -> FactSheet.printChange(out, start, end, change));
        return 0;
    }
}
