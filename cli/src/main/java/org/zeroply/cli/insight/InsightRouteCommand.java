package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.pieces.Routes;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight route}. */
@Command(
        name = "route",
        description =
                "The shortest safe routes of the piece on the first of two squares to the second.")
final class InsightRouteCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    private static final int FAR = 6;

    @Parameters(paramLabel = "FROM-TO", description = "Two squares, as f1-d5.")
    private String route;

    @Override
    public Integer call() {
        Position start = insight.position();
        String[] ends = route.strip().split("-");
        if (ends.length != 2) {
            throw new BadInputException("A route is two squares, such as f1-d5: " + route);
        }
        int from = MoveWords.square(ends[0]);
        int to = MoveWords.square(ends[1]);
        Scene scene = new Scene(start);
        if (start.pieceAt(from).filter(p -> p.type() != PieceType.PAWN).isEmpty()) {
            throw new BadInputException("No piece stands on " + ends[0] + ".");
        }
        Routes routes = new Routes(scene, from, FAR);
        List<List<Integer>> ways = routes.to(to);
        ObjectNode document = Output.document().put("moves", routes.movesTo(to));
        document.set("routes", Output.node(ways.stream().map(FactJson::names).toList()));
        insight.output()
                .print(
                        document,
                        out -> {
                            out.println(
                                    ways.isEmpty()
                                            ? "No safe route of up to " + FAR + " moves."
                                            : routes.movesTo(to) + " moves:");
                            ways.forEach(
                                    w -> out.println("  " + String.join("-", FactJson.names(w))));
                        });
        return 0;
    }
}
