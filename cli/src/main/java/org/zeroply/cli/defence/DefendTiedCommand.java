package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.FactJson;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.insight.TiedInquiry;
import org.zeroply.engine.analysis.Cancellation;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend tied}. */
@Command(name = "tied", description = "Men that lose something whenever they move.")
final class DefendTiedCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    @Override
    public Integer call() {
        Position start = defend.position();
        List<Fact> facts = new ArrayList<>();
        new TiedInquiry(defend.engine(), defend.nodes())
                .answer(start, facts::add, new Cancellation());
        ObjectNode document = defend.document(start);
        document.putArray("tied").addAll(FactJson.list(start, facts));
        defend.output()
                .print(
                        document,
                        out -> {
                            facts.forEach(f -> out.println(FactJson.row(start, f)));
                            if (facts.isEmpty()) {
                                out.println("No man is tied.");
                            }
                        });
        return 0;
    }
}
