package org.zeroply.cli.library;

import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.library.sample.SyntheticGames;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code synthetic}. */
@Command(
        name = "synthetic",
        description = "Writes made-up games to a PGN file, to measure large libraries with.")
public final class SyntheticCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Option(names = "--games", paramLabel = "N")
    private int games = 100_000;

    @Option(names = "--seed", paramLabel = "S")
    private long seed = 1;

    @Option(names = "--out", required = true, paramLabel = "FILE.pgn")
    private Path file;

    @Override
    public Integer call() throws IOException {
        SyntheticGames maker = new SyntheticGames(seed);
        try (Writer out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            for (int i = 0; i < games; i++) {
                maker.write(i, out);
            }
        }
        output.print(
                Output.document()
                        .put("file", file.toString())
                        .put("games", games)
                        .put("bytes", Files.size(file)),
                out -> out.println(games + " games written to " + file));
        return 0;
    }
}
