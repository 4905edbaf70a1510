package org.zeroply.cli.library;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.library.Library;
import org.zeroply.library.sample.SampleLibrary;
import org.zeroply.library.transfer.Exporter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code sample}. */
@Command(
        name = "sample",
        description = "Generates the demo club (games, exercises, students) from a seed.")
public final class SampleCommand implements Callable<Integer> {

    @Mixin private Output output;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Option(names = "--out", required = true, paramLabel = "FILE.zip")
    private Path file;

    @Option(names = "--games", description = "Games of the club.", paramLabel = "N")
    private int games = 54;

    @Option(
            names = "--masters",
            description = "Games of masters to look for exercises in.",
            paramLabel = "N")
    private int masters = 160;

    @Option(names = "--exercises", paramLabel = "N")
    private int exercises = 16;

    @Option(names = "--seed", paramLabel = "N")
    private long seed = 1;

    @Option(
            names = "--reviews",
            description = "write the searches of the demo's reviews instead of the demo itself")
    private boolean reviews;

    @Option(
            names = "--lessons",
            description = "write the demo's lessons, drafted from it, instead of the demo itself")
    private boolean lessons;

    @Option(
            names = "--tournament",
            description = "write the demo's tournament with its games instead of the demo itself")
    private boolean tournament;

    @Override
    public Integer call() throws IOException {
        if (tournament) {
            SampleLibrary.tournament(file.toAbsolutePath());
        } else {
            Path folder = Files.createTempDirectory("zeroply-sample");
            try (Library library = Library.open(folder.resolve("sample.zpl"))) {
                write(library);
            }
        }
        output.print(
                Output.document().put("file", file.toString()),
                out -> out.println("Written to " + file));
        return 0;
    }

    private void write(Library library) throws IOException {
        if (lessons) {
            SampleLibrary.lessons(library, file.toAbsolutePath());
        } else if (reviews) {
            SampleLibrary.reviews(library, file.toAbsolutePath());
        } else {
            new SampleLibrary(library, seed, (f, text) -> spec.commandLine().getErr().println(text))
                    .generate(games, masters, exercises);
            new Exporter(library).write(file.toAbsolutePath());
        }
    }
}
