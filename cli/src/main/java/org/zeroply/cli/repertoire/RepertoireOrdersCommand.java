package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.MoveOrders;
import org.zeroply.coach.repertoire.Repertoire;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "orders",
        description =
                "The orders of moves that reach a position, and which replies each of them allows"
                        + " or avoids.")
final class RepertoireOrdersCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private final RepertoireInput input = new RepertoireInput();

    @Option(
            names = "--moves",
            required = true,
            split = ",",
            description = "Moves from the start that reach the position, in any order of yours.",
            paramLabel = "SAN")
    private List<String> moves;

    @Option(
            names = "--share",
            description = "How likely a reply must be to be told, 0 to 1.",
            paramLabel = "P")
    private double share = 0.02;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException, NotationException {
        try (input) {
            answer();
            return 0;
        }
    }

    private void answer() throws IOException, NotationException {
        PrintWriter err = spec.commandLine().getErr();
        Repertoire repertoire = input.repertoire(err);
        Position start = repertoire.starts().get(0).position();
        Position target = start.play(MoveWords.inTurn(start, moves));
        if (repertoire.at(target).isEmpty()) {
            throw new BadInputException("The repertoire does not come to that position.");
        }
        List<MoveOrders.Order> orders = MoveOrders.of(repertoire, target, input.shares(err), share);
        ObjectNode document = Output.document();
        ArrayNode list = document.putArray("orders");
        for (MoveOrders.Order order : orders) {
            ObjectNode item = list.addObject().put("line", order.line());
            item.set("allows", Output.node(order.allows()));
            item.set("avoids", Output.node(order.avoids()));
        }
        document.set("rejected", Output.node(input.rejected()));
        output.print(document, out -> print(out, orders));
    }

    private static void print(PrintWriter out, List<MoveOrders.Order> orders) {
        for (MoveOrders.Order order : orders) {
            out.println(order.line());
            order.allows().forEach(a -> out.println("  allows " + a));
            order.avoids().forEach(a -> out.println("  avoids " + a));
        }
    }
}
