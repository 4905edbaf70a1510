package org.zeroply.cli.ending;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.UncheckedIOException;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Output;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code endings}. */
@Command(name = "endings", description = "Makes the exact tables of all endings of up to four men.")
public final class EndingsCommand implements Callable<Integer> {

    @Mixin private CacheFolder cache;
    @Mixin private Output output;

    @Option(names = "--threads", description = "Endings to make at a time.", paramLabel = "T")
    private int threads = Runtime.getRuntime().availableProcessors();

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() {
        EndingTables tables = cache.endings();
        long began = System.nanoTime();
        try {
            tables.generateMissing(
                    Math.max(1, threads),
                    (ending, done, of) ->
                            spec.commandLine().getErr().printf("%s, %d of %d%n", ending, done, of),
                    new Cancellation());
        } catch (UncheckedIOException e) {
            throw new BadInputException(e.getMessage() + " " + e.getCause().getMessage());
        }
        long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        ObjectNode document = Output.document().put("endings", tables.count());
        output.print(
                document.put("millis", millis),
                out -> out.printf("%d endings, %,d ms%n", tables.count(), millis));
        return 0;
    }
}
