package org.zeroply.cli.repertoire;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.library.report.RepertoireBooklet;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "booklet",
        description = "Prints a repertoire, with a diagram wherever something is said.")
final class RepertoireBookletCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(index = "0", paramLabel = "REP.pgn", description = "The repertoire.")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "OUT.pdf|OUT.html")
    private Path out;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        ReportFile.check(out);
        List<String> rejected = new ArrayList<>();
        Repertoire repertoire = RepertoireInput.read(file, rejected, spec.commandLine().getErr());
        ReportFile.write(RepertoireBooklet.of(repertoire), out);
        output.print(
                Output.document()
                        .put("file", out.toString())
                        .put("chapters", repertoire.chapters().size()),
                p -> p.println("Written to " + out));
        return 0;
    }
}
