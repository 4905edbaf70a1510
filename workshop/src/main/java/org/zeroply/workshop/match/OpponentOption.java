package org.zeroply.workshop.match;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.network.StaticJudge;
import org.zeroply.engine.protocol.UciEngine;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.workshop.command.JudgeOption;
import picocli.CommandLine.Option;

/** Against whom: an earlier version, another program, or this engine with another judge. */
final class OpponentOption {

    @Option(
            names = "--against",
            description =
                    "A commit of this repository, which is built first; or the command line of a "
                            + "program that serves UCI.",
            paramLabel = "COMMIT|COMMAND")
    private String opponent;

    @Option(
            names = "--against-network",
            description = "Network of the opponent, \"shipped\" or \"terms\".",
            paramLabel = "FILE")
    private String network = "";

    @Option(
            names = "--against-weights",
            description = "Weights of the opponent's terms.",
            paramLabel = "FILE")
    private Path weights;

    @Option(names = "--hash", description = "Memory for each player in MiB.", paramLabel = "MB")
    private int hash = 32;

    /** MiB for each player. */
    int hash() {
        return hash;
    }

    /** What it is called in files of games. */
    String name() {
        return opponent == null ? BuiltInEngine.NAME + " otherwise" : opponent;
    }

    /**
     * What makes the opponent, a new one each time.
     *
     * @param progress told what is built
     */
    Supplier<Engine> engines(Endings endings, Consumer<String> progress) throws IOException {
        if (opponent == null) {
            StaticJudge other = JudgeOption.of(network, weights);
            return () -> new BuiltInEngine(hash, other, endings);
        }
        List<String> command =
                EarlierVersion.isCommit(opponent)
                        ? EarlierVersion.of(opponent, progress).command()
                        : List.of(opponent.trim().split("\\s+"));
        Map<String, String> options = Map.of("Hash", Integer.toString(hash));
        return () -> new UciEngine(command, options, UciEngine.Patience.USUAL);
    }
}
