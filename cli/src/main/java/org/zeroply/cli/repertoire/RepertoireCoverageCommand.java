package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
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
        TextTable byMove = new TextTable("lrr");
        for (int i = 0; i < coverage.byMove().size(); i++) {
            byMove.row("after move", i + 1, percent(coverage.byMove().get(i)));
        }
        byMove.print(out);
        out.println(
                coverage.leaks().isEmpty()
                        ? "Every reply that was played has an answer."
                        : "An answer here would raise it most:");
        TextTable leaks = new TextTable("rl");
        for (Coverage.Leak leak : coverage.best(most)) {
            String move = leak.san().isEmpty() ? "(no move for us)" : leak.san();
            leaks.row(percent(leak.probability()), leak.spot().line() + " " + move);
        }
        leaks.print(out, "  ");
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f%%", 100 * share);
    }
}
