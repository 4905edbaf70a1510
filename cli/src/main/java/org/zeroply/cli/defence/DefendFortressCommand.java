package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.practice.FortressTrial;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend fortress}. */
@Command(
        name = "fortress",
        description = "Does it hold? The engine plays on against the side to move.")
final class DefendFortressCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    @Override
    public Integer call() {
        Position start = defend.position();
        FortressTrial.Report report =
                new FortressTrial(defend.evaluator())
                        .run(start, start.sideToMove(), FortressTrial.MOVES, p -> {});
        ObjectNode document = defend.document(start).put("holding", start.sideToMove().smallWord());
        document.put("outcome", report.outcome().name().toLowerCase(Locale.ROOT));
        document.put("move", report.move()).put("how", report.how());
        document.put("exact", report.exact());
        document.set("line", Output.node(Line.san(start, report.line())));
        defend.output()
                .print(
                        document,
                        out -> {
                            out.println(start.sideToMove().word() + ": " + report.text());
                            out.println("  " + Line.numbered(start, report.line()));
                        });
        return 0;
    }
}
