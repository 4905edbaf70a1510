package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.cli.console.TextTable;
import org.zeroply.engine.eval.EvaluationBreakdown;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.network.StaticJudge;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** The command {@code explain}. */
@Command(name = "explain", description = "Breaks the evaluation of a position into its terms.")
public final class ExplainCommand implements Callable<Integer> {

    @Mixin private PositionOption position;
    @Mixin private Output output;

    @Override
    public Integer call() {
        EvaluationBreakdown breakdown = new Evaluator().explain(position.position());
        ObjectNode document = Output.document();
        ArrayNode terms = document.putArray("terms");
        for (EvaluationBreakdown.Entry entry : breakdown.terms()) {
            terms.addObject()
                    .put("name", entry.name())
                    .put("white", entry.white())
                    .put("black", entry.black());
        }
        document.put("total", breakdown.total());
        OptionalInt learnt = StaticJudge.shipped().learnt(position.position());
        learnt.ifPresent(value -> document.put("network", value));
        output.print(
                document,
                out -> {
                    TextTable table = new TextTable("lr").row("", "White", "Black", "balance");
                    for (EvaluationBreakdown.Entry e : breakdown.terms()) {
                        int balance = e.white() - e.black();
                        table.row(e.name(), e.white(), e.black(), signed(balance));
                    }
                    table.row("Total", "", "", signed(breakdown.total()));
                    learnt.ifPresent(value -> table.row("Network", "", "", signed(value)));
                    table.print(out);
                });
        return 0;
    }

    private static String signed(int centipawns) {
        return String.format("%+d", centipawns);
    }
}
