package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.Coverage;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "coverage",
        description =
                "How likely a game is still in the repertoire after each of our moves, and which"
                        + " answers would raise that most.")
final class RepertoireCoverageCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private final RepertoireInput input = new RepertoireInput();

    @Option(names = "--best", description = "Places to name.", paramLabel = "N")
    private int most = 10;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        try (input) {
            answer();
            return 0;
        }
    }

    private void answer() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        Coverage coverage = Coverage.of(input.repertoire(err), input.shares(err), input.school());
        ObjectNode document = Output.document();
        ArrayNode byMove = document.putArray("byMove");
        for (int i = 0; i < coverage.byMove().size(); i++) {
            byMove.addObject().put("move", i + 1).put("probability", coverage.byMove().get(i));
        }
        ArrayNode best = document.putArray("best");
        for (Coverage.Leak leak : coverage.best(most)) {
            best.addObject()
                    .put("line", leak.spot().line())
                    .put("reply", leak.san())
                    .put("raises", leak.probability())
                    .put("games", leak.games());
        }
        document.set("rejected", Output.node(input.rejected()));
        output.print(document, out -> print(out, coverage));
    }

    private void print(PrintWriter out, Coverage coverage) {
        for (int i = 0; i < coverage.byMove().size(); i++) {
            out.printf(
                    Locale.ROOT,
                    "after move %2d  %5.1f%%%n",
                    i + 1,
                    100 * coverage.byMove().get(i));
        }
        out.println("An answer here would raise it most:");
        for (Coverage.Leak leak : coverage.best(most)) {
            out.printf(
                    Locale.ROOT,
                    "  %4.1f%%  %s %s%n",
                    100 * leak.probability(),
                    leak.spot().line(),
                    leak.san().isEmpty() ? "(no move for us)" : leak.san());
        }
    }
}
