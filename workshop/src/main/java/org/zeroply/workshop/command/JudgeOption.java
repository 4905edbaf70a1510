package org.zeroply.workshop.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.network.Network;
import org.zeroply.engine.network.NetworkWeights;
import org.zeroply.engine.network.StaticJudge;
import picocli.CommandLine.Option;

/** What the engine judges positions by. */
public final class JudgeOption {

    /** The named terms alone, in place of a file. */
    private static final String TERMS = "terms";

    /** The network the program is shipped with, in place of a file. */
    private static final String SHIPPED = "shipped";

    @Option(
            names = "--network",
            description =
                    "Network to judge by, \"shipped\" for the program's own, or \"terms\" for none. Left "
                            + "out, what the program does; with --weights, the terms alone.",
            paramLabel = "FILE")
    private String network = "";

    @Option(names = "--weights", description = "Weights of the terms.", paramLabel = "FILE")
    private Path weights;

    /** What was chosen; what the program is shipped with where nothing was. */
    public StaticJudge judge() throws IOException {
        return of(network, weights);
    }

    /**
     * What judges by a network and weights of the terms.
     *
     * @param network a file, {@code shipped}, {@code terms} for the terms alone, or nothing: what
     *     the program does, or the terms alone where weights are given
     * @param weights a file; null for those that are shipped
     * @throws Refusal if a file is not what it should be
     */
    public static StaticJudge of(String network, Path weights) throws IOException {
        Weights terms = terms(weights);
        if (network.equals(TERMS) || network.isEmpty() && weights != null) {
            return StaticJudge.ofTerms(terms);
        }
        if (network.isEmpty() || network.equals(SHIPPED)) {
            return new StaticJudge(terms, Optional.of(Network.shipped()));
        }
        Network learnt = new Network(NetworkWeights.read(Path.of(network)));
        return new StaticJudge(terms, Optional.of(learnt));
    }

    /**
     * Weights of the terms.
     *
     * @param file null for those that are shipped
     * @throws Refusal if the file holds none
     */
    public static Weights terms(Path file) throws IOException {
        try {
            return file == null ? Weights.shipped() : Weights.read(Files.readString(file));
        } catch (IllegalArgumentException e) {
            throw new Refusal(file + ": " + e.getMessage());
        }
    }
}
