package org.zeroply.cli.engine;

import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.protocol.UciServer;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** The command {@code uci}. */
@Command(
        name = "uci",
        description = "Serves the open engine protocol on standard input and output.")
public final class UciCommand implements Callable<Integer> {

    @Mixin private CacheFolder cache;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        EndingTables endings = cache.endings();
        new UciServer(
                        megabytes -> new BuiltInEngine(megabytes, endings),
                        new InputStreamReader(System.in, StandardCharsets.UTF_8),
                        spec.commandLine().getOut())
                .serve();
        return 0;
    }
}
