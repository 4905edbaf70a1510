package org.zeroply.cli.library;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.library.Library;
import org.zeroply.library.transfer.Exporter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code export}. */
@Command(
        name = "export",
        description = "Writes a library: everything to a .zip, games and exercises to a .pgn.")
public final class ExportCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @Option(names = "--out", required = true, paramLabel = "FILE")
    private Path file;

    @Override
    public Integer call() {
        try (Library open = Libraries.existing(library)) {
            new Exporter(open).write(file.toAbsolutePath());
        }
        output.print(
                Output.document().put("file", file.toString()),
                out -> out.println("Written to " + file));
        return 0;
    }
}
