package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Counted;
import org.zeroply.cli.console.Output;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code import}. */
@Command(
        name = "import",
        description = "Reads PGN files, folders of them, or exported libraries into a library.")
public final class ImportCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(arity = "1..*", paramLabel = "FILE")
    private List<Path> files;

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @Override
    public Integer call() {
        ImportReport report;
        try (Library open = Library.open(library)) {
            report = new Importer(open, Progress.NONE, new Cancellation()).files(files);
        }
        ObjectNode document =
                Output.document()
                        .put("read", report.read())
                        .put("stored", report.stored())
                        .put("duplicates", report.duplicates())
                        .put("earlier", report.earlier());
        ArrayNode rejected = document.putArray("rejected");
        for (ImportReport.Rejected r : report.rejected()) {
            rejected.addObject()
                    .put("file", r.file())
                    .put("line", r.line())
                    .put("reason", r.reason());
        }
        output.print(
                document,
                out -> {
                    out.printf(
                            "%s read: %d added, %d were there already, %d could not be read%n",
                            Counted.of(report.read(), "game"),
                            report.stored(),
                            report.duplicates(),
                            report.rejected().size());
                    if (report.earlier() > 0) {
                        out.println(
                                "  "
                                        + report.earlier()
                                        + " had been read before the import was broken off");
                    }
                    report.rejected().forEach(r -> out.println("  " + r.reason()));
                });
        boolean nothingUsable = report.read() == 0 && !report.rejected().isEmpty();
        return nothingUsable ? 1 : 0;
    }
}
