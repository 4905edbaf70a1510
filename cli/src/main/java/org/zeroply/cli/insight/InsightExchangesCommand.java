package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.insight.Exchange;
import org.zeroply.coach.insight.ExchangeInquiry;
import org.zeroply.engine.analysis.Cancellation;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight exchanges}. */
@Command(
        name = "exchanges",
        description = "All pairs of like men: what the position is worth without them.")
final class InsightExchangesCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    @Override
    public Integer call() {
        Position start = insight.position();
        List<Exchange> found =
                new ExchangeInquiry(insight.engine(), Math.max(1, insight.nodes()))
                        .exchanges(start, new Cancellation());
        Scene scene = new Scene(start);
        ObjectNode document = Output.document();
        ArrayNode list = document.putArray("exchanges");
        for (Exchange e : found) {
            ObjectNode node = list.addObject().put("side", scene.sideAt(e.own()).smallWord());
            node.put("own", Square.name(e.own())).put("other", Square.name(e.other()));
            node.put("before", e.before()).put("after", e.after()).put("gain", e.gain());
            node.set("reasons", Output.node(e.reasons()));
            node.set("plan", Output.node(FactJson.names(e.plan())));
        }
        insight.output()
                .print(
                        document,
                        out ->
                                found.forEach(
                                        e ->
                                                out.println(
                                                        scene.sideAt(e.own()).word()
                                                                + " "
                                                                + e.fact(scene).text())));
        return 0;
    }
}
