package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.practice.ChecksEnough;
import org.zeroply.coach.fact.Scene;
import org.zeroply.engine.analysis.Cancellation;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend checks}. */
@Command(name = "checks", description = "Are there enough checks?")
final class DefendChecksCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    private static final long CHECK_NODES = 2_000_000;

    @Option(
            names = "--side",
            description = "Who checks: white or black; the side to move if left out.",
            paramLabel = "SIDE")
    private Side asked;

    @Override
    public Integer call() {
        Position start = defend.position();
        Side side = asked == null ? start.sideToMove() : asked;
        Position from =
                new Scene(start)
                        .withMove(side)
                        .orElseThrow(
                                () ->
                                        new BadInputException(
                                                side.other().word()
                                                        + " is in check and cannot pass."));
        ChecksEnough found = ChecksEnough.of(from, CHECK_NODES, new Cancellation());
        ObjectNode document = defend.document(start).put("side", side.smallWord());
        document.put("outcome", found.outcome().word()).put("checks", found.checks());
        document.put("gain", found.gain());
        document.set("line", Output.node(Line.san(from, found.line())));
        document.set("kingPath", Output.node(FactJson.names(found.kingPath())));
        defend.output()
                .print(
                        document,
                        out -> {
                            out.printf("%s: %s%n", side.word(), found.outcome().words());
                            if (!found.line().isEmpty()) {
                                out.println("  " + Line.numbered(from, found.line()));
                                List<String> path = FactJson.names(found.kingPath());
                                if (path.size() > 1) {
                                    out.println("  the king goes " + String.join(" - ", path));
                                }
                            }
                        });
        return 0;
    }
}
